import { StyleSheet, View } from 'react-native';
import type { ToldBreak } from '../../core/timetable/planDays';
import { useChangeDays } from '../../data/hooks/useJobDays';
import { ActionButton } from '../../ui/ActionButton';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space } from '../../ui/theme/tokens';
import { sayBreak, sayFreeing, sayTask, type Clock } from '../../words/days';
import { localTextOf } from '../../words/moments';
import type { DaysAnswer } from '../../workers/daysWorker';

interface BreaksProps {
  readonly days: DaysAnswer;
  readonly clock: Clock;
  /** Only of this job; of all without it. */
  readonly job?: string | undefined;
}

/** What fits nowhere, why, and what would free it: another start is taken with a tap. */
export function Breaks({ days, clock, job }: BreaksProps) {
  const broken = days.broken.filter((each) => job === undefined || each.job === job);
  return broken.map((each) => (
    <Break
      key={`${each.job}/${each.task}`}
      broken={each}
      days={days}
      clock={clock}
      withJob={job === undefined}
    />
  ));
}

function Break({
  broken,
  days,
  clock,
  withJob,
}: BreaksProps & { readonly broken: ToldBreak; readonly withJob: boolean }) {
  const colours = useColours();
  const { changeDates } = useChangeDays();
  const job = days.jobs.find((each) => each.job === broken.job);
  const task = days.tasks.find(({ job: of, id }) => of === broken.job && id === broken.task);
  if (job === undefined || task === undefined) return null;
  const begin = (at: number): Promise<void> =>
    changeDates(broken.job, (before) => ({
      ...before,
      start: localTextOf(at, clock.zone),
      due: undefined,
    }));
  return (
    <View
      role="alert"
      testID="break"
      style={[styles.sheet, { backgroundColor: colours.warnSheet, borderColor: colours.edge }]}
    >
      <Words weight="semibold">
        {withJob ? `${job.name}: ` : ''}
        {sayTask(task, job)} does not fit
      </Words>
      <Words>{sayBreak(broken, clock)}</Words>
      {broken.wouldFree.length > 0 && (
        <Words size="small" weight="semibold">
          What would free it
        </Words>
      )}
      {broken.wouldFree.map((each) =>
        each.code === 'start-at' ? (
          <View key={sayFreeing(each, clock)} style={styles.row}>
            <ActionButton
              label={sayFreeing(each, clock)}
              onPress={() => void begin(each.data.at)}
            />
          </View>
        ) : (
          <Words key={sayFreeing(each, clock)}>{sayFreeing(each, clock)}.</Words>
        ),
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  sheet: { borderWidth: 1, borderRadius: corner, padding: space.medium, gap: space.small },
  row: { flexDirection: 'row' },
});
