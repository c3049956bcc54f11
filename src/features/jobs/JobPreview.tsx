import type { Shelf } from '../../core/plan/planTypes';
import type { JobEntry } from '../../data/records/jobEntry';
import { ActionButton } from '../../ui/ActionButton';
import { WarningList } from '../../ui/feedback/WarningList';
import { WhyRow } from '../../ui/figures/WhyRow';
import { Screen } from '../../ui/frame/Screen';
import { Section } from '../../ui/section/Section';
import { Words } from '../../ui/text/Words';
import { sayG, sayMl } from '../../words/figures';
import { sayPlace, sayPour } from '../../words/pours';
import { sayResin, saySubject } from '../../words/sheet';
import { nameOfJob } from './JobCard';
import { useListedJob } from './useListedJob';

interface JobPreviewProps {
  readonly entry: JobEntry;
  readonly shelf: Shelf;
  readonly onOpen: () => void;
}

/** A job beside its list: the piece, and what each pour of it comes to. */
export function JobPreview({ entry, shelf, onOpen }: JobPreviewProps) {
  const { data: listed } = useListedJob(entry, shelf);
  const plan = listed?.state === 'planned' ? listed.plan : undefined;
  return (
    <Screen
      title={nameOfJob(entry)}
      subtitle={plan && saySubject(plan)}
      foot={<ActionButton kind="main" label="Open it" onPress={onOpen} />}
    >
      {plan === undefined ? (
        <Words colour="inkSoft">Open it to see its figures.</Words>
      ) : (
        <>
          <Section plan={plan} greatestHeight={260} />
          {plan.pours.map((pour) => (
            <WhyRow
              key={pour.id}
              label={`${sayPour(pour)}, ${sayPlace(pour, plan)}`}
              value={`${sayMl(pour.totalMl)} · ${sayG(pour.totalG)}`}
              also={sayResin(pour)}
            />
          ))}
          <WarningList warnings={plan.warnings} pours={plan.pours} />
        </>
      )}
    </Screen>
  );
}
