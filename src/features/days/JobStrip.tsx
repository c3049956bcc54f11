import { useJobId } from '../../data/draft/openJob';
import { isDated, useDatesOf } from '../../data/hooks/useJobDays';
import { DaysStrip } from './DaysStrip';
import { useDays } from './useDays';

/** The days of the open job under its piece, once it has a date. */
export function JobStrip() {
  const job = useJobId();
  return isDated(useDatesOf(job)) ? <StripOf job={job} /> : null;
}

function StripOf({ job }: { readonly job: string }) {
  const { days, zone, now } = useDays();
  return days === undefined ? null : <DaysStrip days={days} job={job} zone={zone} now={now} />;
}
