import { useState } from 'react';
import { useFormContext } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useJobId, useOpenJob } from '../../data/draft/openJob';
import { isDated, useChangeDays, useDatesOf, type JobDates } from '../../data/hooks/useJobDays';
import { ActionButton } from '../../ui/ActionButton';
import { MomentField } from '../../ui/fields/MomentField';
import { SettingLine } from '../../ui/fields/SettingLine';
import { WorkProblem } from '../../ui/feedback/WorkProblem';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { capital } from '../../words/figures';
import type { Clock } from '../../words/days';
import { localTextOf, sayAhead, sayDayFrom, sayMoment } from '../../words/moments';
import { Breaks } from './Breaks';
import { namedTasks, type NamedTask } from './dayTasks';
import { saveCalendar } from './saveCalendar';
import { TaskRow } from './TaskRow';
import { useDays } from './useDays';
import { useTaskActions } from './useTaskActions';

const whole = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/;

/** When everything of the open job happens: from a start, or back from a due date. */
export function DaysStep() {
  const job = useJobId();
  const { plan } = useOpenJob();
  const { days, outdated, problem, again, zone, now } = useDays(job);
  const actions = useTaskActions();
  const clock = { now, zone };
  const own = days?.jobs.find((each) => each.job === job);
  const tasks = days === undefined ? [] : namedTasks(days).filter(({ task }) => task.job === job);
  if (plan === undefined || own === undefined || days === undefined) {
    return (
      <MainFigure>
        {plan !== undefined && problem !== undefined ? (
          <WorkProblem problem={problem} onAgain={again} />
        ) : (
          <Words colour="inkSoft">
            {plan === undefined
              ? 'No days yet: measure a cavity and choose a resin.'
              : 'Working out the days.'}
          </Words>
        )}
      </MainFigure>
    );
  }
  const ready = tasks.find(({ task }) => task.kind === 'ready');
  const next = tasks.find(({ task }) => task.hands === 'on' && !task.done);
  return (
    <View style={[styles.stack, outdated && styles.outdated]}>
      <MainFigure>
        <Words size="title" weight="bold">
          {ready === undefined
            ? 'Never quite hard in this room'
            : `Ready ${sayAhead(ready.task.from, now, zone)}`}
        </Words>
        {next !== undefined && (
          <Words colour="inkSoft">Next {sayMoment(next.task.from, now, zone)}</Words>
        )}
      </MainFigure>
      <Breaks days={days} clock={clock} job={job} />
      <WhenFields
        job={job}
        found={tasks.find(({ task }) => task.id === own.root)?.task.from}
        clock={clock}
      />
      <ByDay tasks={tasks.filter(({ task: { done } }) => !done)} clock={clock} actions={actions} />
      <WhatIsDone
        tasks={tasks.filter(({ task: { done } }) => done)}
        clock={clock}
        actions={actions}
      />
      <View style={styles.row}>
        <ActionButton
          icon="download"
          label="Save for your calendar"
          onPress={() => void saveCalendar(tasks, clock)}
        />
      </View>
    </View>
  );
}

interface WhenFieldsProps {
  readonly job: string;
  /** A start at which everything falls into the person's hours. */
  readonly found: number | undefined;
  readonly clock: Clock;
}

/** When it begins, or by when it must be done. */
function WhenFields({ job, found, clock }: WhenFieldsProps) {
  const dates = useDatesOf(job);
  const { changeDates } = useChangeDays();
  const [problem, setProblem] = useState<string>();
  const { getValues, setValue } = useFormContext<JobDraft>();
  const set = (change: (before: JobDates) => JobDates): void => void changeDates(job, change);
  /** Where the heat step names an hour for the first pour, it is this one. */
  const tellHeat = (local: string): void => {
    const pouredAt = local.slice('2026-05-04T'.length);
    if (getValues('heat.pouredAt')) setValue('heat.pouredAt', pouredAt);
  };
  const typed = (key: 'start' | 'due', local: string): void => {
    if (local !== '' && !whole.test(local)) {
      setProblem('Set the day and the time.');
      return;
    }
    setProblem(undefined);
    if (key === 'start' && local !== '') tellHeat(local);
    const other = key === 'start' ? 'due' : 'start';
    set((before) => ({
      ...before,
      [key]: local === '' ? undefined : local,
      // One of them is enough: the other follows.
      ...(local === '' ? {} : { [other]: undefined }),
    }));
  };
  const hasDate = isDated(dates);
  return (
    <View style={styles.fields} testID="when">
      <MomentField
        label="Begin the first pour"
        value={dates.start ?? ''}
        onChange={(local) => typed('start', local)}
        problem={problem}
        readBack={hasDate ? undefined : 'No date yet: shown as if you began now.'}
      />
      {!hasDate && found !== undefined && (
        <View style={styles.row}>
          <ActionButton
            icon="calendar"
            label={`Begin ${sayMoment(found, clock.now, clock.zone)}`}
            onPress={() => typed('start', localTextOf(found, clock.zone))}
          />
        </View>
      )}
      <MomentField
        label="Or due"
        value={dates.due ?? ''}
        onChange={(local) => typed('due', local)}
      />
      {hasDate && (
        <View style={styles.row}>
          <ActionButton
            kind="bare"
            label="No date"
            onPress={() => set(() => ({ start: undefined, due: undefined, pins: [] }))}
          />
        </View>
      )}
    </View>
  );
}

interface ByDayProps {
  readonly tasks: readonly NamedTask[];
  readonly clock: Clock;
  readonly actions: ReturnType<typeof useTaskActions>;
}

/** What is behind one, folded. */
function WhatIsDone({ tasks, ...more }: ByDayProps) {
  if (tasks.length === 0) return null;
  return (
    <SettingLine
      label="Done"
      value={tasks.length === 1 ? 'one task' : `${tasks.length} tasks`}
      testID="what-is-done"
    >
      <ByDay tasks={tasks} {...more} />
    </SettingLine>
  );
}

/** All tasks under their days. A task that is done can be told its real time. */
function ByDay({ tasks, clock, actions }: ByDayProps) {
  const { now, zone } = clock;
  const days = new Map<string, NamedTask[]>();
  for (const named of tasks) {
    const day = sayDayFrom(named.task.from, now, zone);
    days.set(day, [...(days.get(day) ?? []), named]);
  }
  return [...days].map(([day, some]) => (
    <View key={day}>
      <Words heading={2} size="large" weight="bold">
        {capital(day)}
      </Words>
      {some.map((named) => (
        <View key={named.task.id}>
          <TaskRow named={named} clock={clock} actions={actions} />
          {named.task.done && named.task.kind === 'pour' && (
            <MomentField
              label="It really began"
              value={localTextOf(named.task.from, zone)}
              onChange={(local) => {
                const at = Date.parse(local);
                if (!Number.isNaN(at)) void actions.tick(named, now, Math.round(at / 60_000));
              }}
            />
          )}
        </View>
      ))}
    </View>
  ));
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  outdated: { opacity: 0.6 },
  fields: { gap: space.medium },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
