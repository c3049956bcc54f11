import type { PlacedTask } from '../../core/timetable/tasks';
import type { DaysAnswer, DaysOfJob } from '../../workers/daysWorker';

/** A task with the job that it is of. */
export interface NamedTask {
  readonly task: PlacedTask;
  readonly job: DaysOfJob;
}

/** All tasks with their jobs, in the order of time. */
export function namedTasks({ tasks, jobs }: DaysAnswer): readonly NamedTask[] {
  const byId = new Map(jobs.map((job) => [job.job, job]));
  return tasks.flatMap((task) => {
    const job = byId.get(task.job);
    return job === undefined ? [] : [{ task, job }];
  });
}

/** What a day brings: what is to be done now, what comes next, and what must not be slept through. */
export interface Today {
  readonly now: readonly NamedTask[];
  readonly next: readonly NamedTask[];
  readonly closes: readonly NamedTask[];
}

/** What begins within so many minutes is for now. */
const soonMin = 30;
/** What comes next is told for so long ahead, and no more than so many. */
const aheadMin = 4 * 24 * 60;
const mostNext = 6;
/** A look in that is past is no more use. */
const lookedMin = 60;

const isHands = ({ task: { hands } }: NamedTask): boolean => hands === 'on';

/**
 * @param morning when the night to come is over
 */
export function todayOf(all: readonly NamedTask[], now: number, morning: number): Today {
  const open = all.filter(({ task: { done } }) => !done);
  const isNow = ({ task: { from, to, hands } }: NamedTask): boolean =>
    hands === 'on'
      ? from <= now + soonMin
      : hands === 'look' && from <= now + soonMin && to >= now - lookedMin;
  const isWarm = ({ task: { kind, from } }: NamedTask): boolean => kind === 'peak' && from > now;
  /** A layer that was poured and is still on its way to its peak. */
  const warming = open.filter(
    (each) =>
      isWarm(each) &&
      all.some(
        ({ task: { job, id, done, from } }) =>
          job === each.task.job && each.task.id === `${id}/peak` && (done || from <= now),
      ),
  );
  const here = open.filter(isNow);
  const next = open.filter(
    (each) => isHands(each) && !here.includes(each) && each.task.from <= now + aheadMin,
  );
  const closes = open.filter(
    ({ task: { window, hands, from, kind } }) =>
      (hands === 'on' && window !== undefined && window.to >= now && window.to < morning) ||
      (hands === 'look' && kind !== 'bubbles' && kind !== 'peak' && from >= now && from < morning),
  );
  return {
    now: [...here, ...warming.filter((each) => !here.includes(each))],
    next: next.slice(0, mostNext),
    closes: closes.filter((each) => !here.includes(each)),
  };
}

/** When the night after a moment is over: the first waking span that begins after it. */
export function morningAfter(awake: DaysAnswer['calendar']['awake'], now: number): number {
  return awake.find(({ from }) => from > now)?.from ?? now + 24 * 60;
}
