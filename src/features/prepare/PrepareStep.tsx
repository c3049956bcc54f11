import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { idOfLine, type PrepareLine } from '../../core/prepare/prepareOf';
import { useJobId, useOpenJob } from '../../data/draft/openJob';
import { useChangeDays, useTicksOf } from '../../data/hooks/useJobDays';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Icon } from '../../ui/icons/Icon';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space, touch } from '../../ui/theme/tokens';
import { ownZone, useNow } from '../../ui/useNow';
import { sayMoment } from '../../words/moments';
import { sayLine, sayLineReason, sayWait } from '../../words/prepare';
import { PrepareSettings } from './PrepareSettings';
import { usePrepared } from './usePrepared';

const msPerMin = 60_000;

const whenNames: Readonly<Record<PrepareLine['when'], string>> = {
  before: 'Before the day',
  'on-the-day': 'On the day',
  after: 'Afterwards',
};

/** What is prepared, in working order, ticked off as it is done. */
export function PrepareStep() {
  const { outdated } = useOpenJob();
  const prepared = usePrepared();
  const job = useJobId();
  const ticks = useTicksOf(job);
  if (prepared === undefined) {
    return (
      <MainFigure>
        <Words colour="inkSoft">Nothing to prepare yet: measure a cavity and choose a resin.</Words>
      </MainFigure>
    );
  }
  const { lines, person } = prepared;
  const done = new Map(ticks.lines.map(({ id, at }) => [id, at]));
  const count = lines.filter((line) => done.has(idOfLine(line))).length;
  const next = lines.find((line) => !done.has(idOfLine(line)));
  return (
    <View style={styles.stack}>
      <MainFigure>
        <Words size="title" weight="bold">
          {count} of {lines.length} done
        </Words>
        {next !== undefined && <Words colour="inkSoft">Next: {sayLine(next)}</Words>}
      </MainFigure>
      {(Object.keys(whenNames) as PrepareLine['when'][]).map((when) => {
        const some = lines.filter((line) => line.when === when);
        return some.length === 0 ? null : (
          <View key={when} style={outdated && styles.outdated}>
            <Words heading={2} size="small" weight="semibold" colour="inkSoft">
              {whenNames[when]}
            </Words>
            {some.map((line) => (
              <PrepareRow
                key={idOfLine(line)}
                line={line}
                job={job}
                at={done.get(idOfLine(line))}
              />
            ))}
          </View>
        );
      })}
      <PrepareSettings lines={lines} used={person} />
    </View>
  );
}

interface RowProps {
  readonly line: PrepareLine;
  readonly job: string;
  /** When it was ticked off. */
  readonly at: string | undefined;
}

/** One line, large enough for a glove: what, why, and the wait that it begins. */
function PrepareRow({ line, job, at }: RowProps) {
  const colours = useColours();
  const now = useNow();
  const { changeTicks } = useChangeDays();
  const id = idOfLine(line);
  const isDone = at !== undefined;
  const what = sayLine(line);
  const toggle = (): Promise<void> =>
    changeTicks(job, ({ lines, tasks }) => ({
      tasks,
      lines: isDone
        ? lines.filter((each) => each.id !== id)
        : [
            ...lines.filter((each) => each.id !== id),
            { id, at: new Date(Date.now()).toISOString() },
          ],
    }));
  return (
    <TouchableRipple
      role="checkbox"
      aria-checked={isDone}
      aria-label={what}
      testID={`line-${id}`}
      onPress={() => void toggle()}
      style={[styles.row, { borderBottomColor: colours.line }]}
    >
      <View style={styles.inside}>
        <View
          style={[
            styles.box,
            { borderColor: colours.ink },
            isDone && { backgroundColor: colours.action },
          ]}
        >
          {isDone && <Icon name="check" colour={colours.onAction} size={24} />}
        </View>
        <View style={styles.words}>
          <Words weight="semibold" colour={isDone ? 'inkSoft' : 'ink'}>
            {what}
          </Words>
          <Words size="small" colour="inkSoft">
            {isDone
              ? `done ${sayMoment(Date.parse(at) / msPerMin, now, ownZone())}`
              : sayLineReason(line)}
          </Words>
          {line.wait !== undefined && (
            <Words size="small" weight="semibold">
              {sayWait(line.wait)}
            </Words>
          )}
        </View>
      </View>
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  outdated: { opacity: 0.5 },
  row: { minHeight: touch.bench, justifyContent: 'center', borderBottomWidth: 1 },
  inside: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.medium,
    paddingVertical: space.small,
  },
  box: {
    width: 32,
    height: 32,
    borderWidth: 1.5,
    borderRadius: corner,
    alignItems: 'center',
    justifyContent: 'center',
  },
  words: { flexShrink: 1, flexGrow: 1, gap: space.hair },
});
