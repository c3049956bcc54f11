import { StyleSheet, View } from 'react-native';
import { ActionButton } from '../../ui/ActionButton';
import { PressLink } from '../../ui/PressLink';
import { StateMark } from '../../ui/StateMark';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space, touch } from '../../ui/theme/tokens';
import { sayTask, sayTaskDetail, type Clock } from '../../words/days';
import { capital } from '../../words/figures';
import { sayClockAt, sayMoment } from '../../words/moments';
import type { NamedTask } from './dayTasks';
import type { useTaskActions } from './useTaskActions';

interface TaskRowProps {
  readonly named: NamedTask;
  readonly clock: Clock;
  /** Whether the job is named: not in its own days. */
  readonly withJob?: boolean;
  /** Whether the day is told: not under it. */
  readonly withDay?: boolean;
  readonly actions: ReturnType<typeof useTaskActions>;
  /** Opens where it is done. */
  readonly onOpen?: (named: NamedTask) => void;
}

/** One task of the days: when, what, its window, and what can be done with it. */
export function TaskRow({
  named,
  clock,
  withJob = false,
  withDay = false,
  actions,
  onOpen,
}: TaskRowProps) {
  const colours = useColours();
  const { task, job } = named;
  const { now, zone } = clock;
  const what = sayTask(task, job);
  const when = withDay ? capital(sayMoment(task.from, now, zone)) : sayClockAt(task.from, zone);
  const detail = sayTaskDetail(task, clock);
  const isHands = task.hands === 'on';
  const words = (
    <>
      <Words weight={isHands ? 'semibold' : 'text'} colour={isHands ? 'ink' : 'inkSoft'}>
        {when} {withJob ? `${job.name} · ${what}` : what}
      </Words>
      {detail !== undefined && (
        <Words size="small" colour="inkSoft">
          {detail}
          {task.pinned ? ' · pinned' : ''}
        </Words>
      )}
    </>
  );
  return (
    <View testID={`task-${task.id}`} style={[styles.row, { borderBottomColor: colours.line }]}>
      <StateMark
        state={task.done ? 'done' : task.tight && isHands ? 'wrong' : isHands ? 'next' : 'open'}
      />
      {onOpen === undefined ? (
        <View style={styles.words}>{words}</View>
      ) : (
        <PressLink onPress={() => onOpen(named)} style={styles.words}>
          <View>{words}</View>
        </PressLink>
      )}
      {isHands && (
        <View style={styles.actions}>
          {task.pinned && !task.done && (
            <ActionButton
              kind="bare"
              icon="pin"
              label="Unpin"
              spoken={`Unpin ${what}`}
              onPress={() => void actions.unpin(named)}
            />
          )}
          <ActionButton
            kind="bare"
            label={task.done ? 'Not done' : 'Done'}
            spoken={task.done ? `Not done: ${what}` : `Done: ${what}`}
            onPress={() => void (task.done ? actions.untick(named) : actions.tick(named, now))}
          />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: space.small,
    minHeight: touch.table,
    paddingVertical: space.tight,
    borderBottomWidth: 1,
  },
  words: {
    flexGrow: 1,
    flexShrink: 1,
    flexBasis: 150,
    minHeight: touch.table,
    justifyContent: 'center',
  },
  actions: { flexDirection: 'row', flexWrap: 'wrap', marginLeft: 'auto' },
});
