import type { Coded } from '../codes/coded';
import { allowedStarts, decides, feasibleStarts, hasPassed, type Room } from './startDomains';
import {
  both,
  firstFrom,
  inside,
  lastUntil,
  reached,
  reaching,
  spanAt,
  type Spans,
  startsIn,
} from './spans';
import type { BreakCodes, Dates, JobTasks, TaskSpec } from './tasks';

/** A job and what is said of when; see `solve`. */
interface Dated {
  readonly tasks: JobTasks;
  readonly dates: Dates;
}

/** The task that finds no time, why, and the nearest starts of the first pour that would do. */
export type FoundBreak = Coded<BreakCodes> & {
  readonly task: string;
  readonly startBefore: number | undefined;
  readonly startAfter: number | undefined;
};

interface Failing {
  readonly task: TaskSpec;
  /** Moments at which it could begin by what comes before it. */
  readonly reach: Spans;
}

/** The first task, in their order, that cannot follow from those before it. */
function failingForward(
  { tasks }: JobTasks,
  allowed: ReadonlyMap<string, Spans>,
  { loose }: Room,
): Failing | undefined {
  const reachable = new Map<string, Spans>();
  for (const task of tasks.filter(decides)) {
    const { id, tie } = task;
    const own = allowed.get(id)!;
    const reach =
      tie === undefined || loose.has(id)
        ? own
        : reached(reachable.get(tie.to)!, tie.fromMin, tie.toMin);
    const here = both(own, reach);
    if (here.length === 0) return { task, reach };
    reachable.set(id, here);
  }
  return undefined;
}

/** The task for whose sake the one it is tied to finds no time: all of them follow, but not all at once. */
function failingTogether(
  { tasks }: JobTasks,
  allowed: ReadonlyMap<string, Spans>,
  { loose }: Room,
): Failing | undefined {
  const feasible = new Map(allowed);
  for (const task of tasks.filter(decides).reverse()) {
    const { id, tie } = task;
    if (tie === undefined || loose.has(id)) continue;
    const before = feasible.get(tie.to)!;
    const left = both(before, reaching(feasible.get(id)!, tie.fromMin, tie.toMin));
    if (left.length === 0) return { task, reach: reached(before, tie.fromMin, tie.toMin) };
    feasible.set(tie.to, left);
  }
  return undefined;
}

const isPossible = (job: JobTasks, dates: Dates, room: Room): boolean => {
  const feasible = feasibleStarts(job, allowedStarts(job, dates, room), room);
  return [...feasible.values()].every((spans) => spans.length > 0);
};

/** The starts of the first pour that would do, nearest to the one that was asked for. */
function nearestStarts({ tasks, dates }: Dated, room: Room) {
  const { start } = dates;
  const none = { startBefore: undefined, startAfter: undefined };
  if (start === undefined) return none;
  const open = { ...dates, start: undefined };
  const strict = { ...room, anyHour: new Set<string>() };
  const feasible = feasibleStarts(tasks, allowedStarts(tasks, open, strict), strict);
  const domain = feasible.get(tasks.tasks[0]?.id ?? '') ?? [];
  // Where the start itself would do, something else is in the way.
  if (spanAt(domain, start) !== undefined) return none;
  return { startBefore: lastUntil(domain, start), startAfter: firstFrom(domain, start) };
}

/** Why a task finds no time, by what would have to be otherwise. */
function codeOf({ tasks, dates }: Dated, { task, reach }: Failing, room: Room): Coded<BreakCodes> {
  const { calendar, now } = room;
  const { id, minutes, hands } = task;
  const [opens, closes] = [reach[0]?.from ?? dates.start ?? now, reach.at(-1)?.to ?? now];
  const mostMin = Math.max(0, ...calendar.work.map(({ from, to }) => to - from));
  if (dates.pins.has(id) || dates.done.has(id)) {
    return { code: 'against-fixed', data: { opens, closes } };
  }
  if (hands === 'on' && calendar.work.length === 0) return { code: 'no-hours', data: {} };
  if (hands === 'on' && minutes > mostMin) {
    return { code: 'longer-than-hours', data: { minutes, mostMin } };
  }
  if (task.tie === undefined && dates.start !== undefined && hasPassed(dates.start, task, now)) {
    return { code: 'too-late', data: { opens: dates.start, closes: dates.start } };
  }
  const { due } = dates;
  if (due !== undefined && isPossible(tasks, { ...dates, due: undefined }, room)) {
    return { code: 'due-too-soon', data: { due } };
  }
  const whole = { from: opens, to: closes };
  const inHours = inside(startsIn(calendar.work, minutes), whole);
  const inTime = inside(inHours, { from: now, to: Infinity });
  if (inTime.length > 0) return { code: 'hands-taken', data: { opens, closes } };
  return closes < now || (inHours.length > 0 && spanAt(inHours, now) === undefined)
    ? { code: 'too-late', data: { opens, closes } }
    : { code: 'outside-hours', data: { opens, closes } };
}

/**
 * What breaks in a job that fits nowhere.
 * @param room with the hours that the others leave
 */
export function findBreak(job: Dated, room: Room): FoundBreak {
  const allowed = allowedStarts(job.tasks, job.dates, room);
  const failing =
    failingForward(job.tasks, allowed, room) ?? failingTogether(job.tasks, allowed, room);
  const use = job.tasks.uses.find(({ fromTask }) => fromTask === failing?.task.id);
  const nearest = nearestStarts(job, room);
  const isInUse =
    use !== undefined && isPossible(job.tasks, job.dates, { ...room, taken: new Map() });
  if (failing !== undefined && !isInUse) {
    return { ...codeOf(job, failing, room), task: failing.task.id, ...nearest };
  }
  // Everything would fit: another job has what it needs.
  const wanted = use ?? job.tasks.uses[0];
  return {
    code: 'in-use',
    data: { what: wanted?.what ?? '' },
    task: wanted?.fromTask ?? job.tasks.tasks[0]!.id,
    ...nearest,
  };
}
