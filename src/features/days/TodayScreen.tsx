import { useEffect, useMemo, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useSettings } from '../../data/hooks/queries';
import { usePatchSettings } from '../../data/hooks/useKept';
import { ActionButton } from '../../ui/ActionButton';
import { WorkProblem } from '../../ui/feedback/WorkProblem';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Screen } from '../../ui/frame/Screen';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayTask } from '../../words/days';
import { capital } from '../../words/figures';
import { sayAhead, sayLongDayAt, sayMoment } from '../../words/moments';
import { sayHoursOn } from '../../words/person';
import { Breaks } from './Breaks';
import { morningAfter, namedTasks, todayOf, type NamedTask } from './dayTasks';
import { saveCalendar } from './saveCalendar';
import { TaskRow } from './TaskRow';
import { Timetable } from './Timetable';
import { useDays, type DaysState } from './useDays';
import { useTaskActions } from './useTaskActions';

interface TodayScreenProps {
  /** Pours that are under way, over everything else. */
  readonly underWay: ReactNode;
  /** Opens where a task is done. */
  readonly onTask: (named: NamedTask) => void;
  readonly onJobs: () => void;
}

/** Over all jobs: what is to be done now, what comes next, and what must not be slept through. */
export function TodayScreen({ underWay, onTask, onJobs }: TodayScreenProps) {
  const state = useDays();
  const { days, zone, now, problem, again, isEmpty } = state;
  const { data: settings } = useSettings();
  const patch = usePatchSettings();
  const wasDated = settings?.dated === true;
  useEffect(() => {
    // The last date is gone: the app opens on a quick mix again.
    if (isEmpty && wasDated) void patch({ set: { dated: false } });
  }, [isEmpty, wasDated, patch]);
  return (
    <Screen
      spreads
      title={sayLongDayAt(now, zone)}
      subtitle={sayHoursOn(settings?.person, now, zone)}
      rememberedAs="today"
      head={underWay}
    >
      {isEmpty ? (
        <NothingDated onJobs={onJobs} />
      ) : days === undefined ? (
        <MainFigure>
          {problem === undefined ? (
            <Words colour="inkSoft">Working out your days.</Words>
          ) : (
            <WorkProblem problem={problem} onAgain={again} />
          )}
        </MainFigure>
      ) : (
        <Lists {...state} days={days} onTask={onTask} />
      )}
      {!isEmpty && days !== undefined && <Days {...state} days={days} />}
    </Screen>
  );
}

/** Before any job has a date. */
function NothingDated({ onJobs }: Pick<TodayScreenProps, 'onJobs'>) {
  return (
    <View style={styles.stack}>
      <MainFigure>
        <Words size="large" weight="bold">
          No job has a date yet
        </Words>
      </MainFigure>
      <Words>Open a job, then Days, and say when you want to begin or when it is due.</Words>
      <View style={styles.row}>
        <ActionButton kind="main" label="Open the jobs" onPress={onJobs} />
      </View>
    </View>
  );
}

type Told = DaysState & { readonly days: NonNullable<DaysState['days']> };

function Days({ days, zone, now, outdated }: Told) {
  const actions = useTaskActions();
  return (
    <View style={styles.stack}>
      <Timetable days={days} zone={zone} now={now} outdated={outdated} actions={actions} />
      <View style={styles.row}>
        <ActionButton
          icon="download"
          label="Save for your calendar"
          onPress={() => void saveCalendar(namedTasks(days), { now, zone })}
        />
      </View>
    </View>
  );
}

function Lists({ days, zone, now, onTask }: Told & Pick<TodayScreenProps, 'onTask'>) {
  const actions = useTaskActions();
  const clock = { now, zone };
  const { all, today } = useMemo(() => {
    const named = namedTasks(days);
    return {
      all: named,
      today: todayOf(named, now, morningAfter(days.calendar.awake, now)),
    };
  }, [days, now]);
  const first = today.now.find(({ task }) => task.hands === 'on') ?? today.next[0] ?? today.now[0];
  const lists: readonly (readonly [string, readonly NamedTask[], string])[] = [
    ['Now', today.now, 'Nothing to do right now.'],
    ['Next', today.next, 'Nothing in the next days.'],
    ['Closes tonight', today.closes, 'Nothing closes tonight.'],
  ];
  return (
    <View style={styles.stack}>
      <MainFigure>
        {first === undefined ? (
          <Words size="large" weight="bold">
            Nothing to do before {sayAhead(all.at(-1)?.task.from ?? now, now, zone)}
          </Words>
        ) : (
          <>
            <Words size="title" weight="bold">
              {capital(sayMoment(first.task.from, now, zone))}
            </Words>
            <Words weight="semibold">
              {first.job.name} · {sayTask(first.task, first.job)}
            </Words>
          </>
        )}
      </MainFigure>
      <Breaks days={days} clock={clock} />
      {lists.map(([title, list, none]) => (
        <View key={title} testID={`list-${title}`}>
          <Words heading={2} size="large" weight="bold">
            {title}
          </Words>
          {list.length === 0 && <Words colour="inkSoft">{none}</Words>}
          {list.map((named) => (
            <TaskRow
              key={`${named.task.job}/${named.task.id}`}
              named={named}
              clock={clock}
              withJob
              withDay
              actions={actions}
              onOpen={onTask}
            />
          ))}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
