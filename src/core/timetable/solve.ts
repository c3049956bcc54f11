import type { Coded } from '../codes/coded';
import type { Calendar } from './calendar';
import { findBreak } from './findBreak';
import {
  allowedStarts,
  bestPlacement,
  decides,
  feasibleStarts,
  peaksAwake,
  type Room,
  type Starts,
} from './solveJob';
import {
  both,
  firstFrom,
  inside,
  merged,
  type Span,
  spanAt,
  type Spans,
  startsIn,
  without,
} from './spans';
import type { BreakCodes, Dates, JobTasks, PlacedTask, TaskSpec, Use } from './tasks';

/** A job with what is said of when. */
export interface DatedJob {
  readonly tasks: JobTasks;
  readonly dates: Dates;
}

/** A task that finds no time, and why. */
export type Broken = Coded<BreakCodes> & {
  readonly job: string;
  readonly task: string;
  /** Starts of the first pour that would do, nearest before and after; undefined where there is none. */
  readonly startBefore: number | undefined;
  readonly startAfter: number | undefined;
};

/** When everything is done. */
export interface Timetable {
  readonly tasks: readonly PlacedTask[];
  readonly broken: readonly Broken[];
}

const rootOf = ({ tasks: { tasks } }: DatedJob): string | undefined => tasks[0]?.id;

/** What a job that has its times takes from the others. */
interface Taken {
  readonly hands: readonly Span[];
  readonly uses: readonly (Use & Span)[];
}

/** So many ways are tried for a job. */
const budget = 400;

/** Jobs that are under way come first, then those with a fixed day, then by what is due first. */
function inOrder(jobs: readonly DatedJob[]): readonly DatedJob[] {
  const rank = ({ dates: { done, pins, start, due } }: DatedJob): number =>
    done.size > 0 ? 0 : pins.size > 0 ? 1 : start !== undefined ? 2 : due !== undefined ? 3 : 4;
  const when = ({ dates: { start, due } }: DatedJob): number => start ?? due ?? Infinity;
  return [...jobs].sort((a, b) => rank(a) - rank(b) || compare(when(a), when(b)));
}

const compare = (a: number, b: number): number => (a === b ? 0 : a < b ? -1 : 1);

const endOf = ({ id, minutes }: TaskSpec, starts: Starts, { done }: Dates): number =>
  done.get(id)?.to ?? starts.get(id)! + minutes;

/** The stretches of a job's placement in which it has something to itself. */
function usesOf({ tasks: { tasks, uses }, dates }: DatedJob, starts: Starts): Taken['uses'] {
  return uses.flatMap((use) => {
    const until = tasks.find(({ id }) => id === use.untilTask);
    const from = starts.get(use.fromTask);
    return until === undefined || from === undefined
      ? []
      : [{ ...use, from, to: endOf(until, starts, dates) }];
  });
}

/** Whether there is enough of something at every moment of a stretch. */
function isAvailable(use: Use & Span, taken: Taken['uses'], owned: number): boolean {
  const others = taken.filter(
    ({ what, from, to }) => what === use.what && from < use.to && use.from < to,
  );
  const moments = [use.from, ...others.map(({ from }) => from).filter((at) => at > use.from)];
  return moments.every((at) => {
    const atOnce = others
      .filter(({ from, to }) => from <= at && at < to)
      .reduce((sum, { count }) => sum + count, 0);
    return atOnce + use.count <= owned;
  });
}

/** When there is not enough left of something for a use to begin. */
function shortOf(use: Use, taken: Taken['uses'], owned: number): Spans {
  const others = taken.filter(({ what }) => what === use.what);
  const moments = [...new Set(others.flatMap(({ from, to }) => [from, to]))].sort((a, b) => a - b);
  const short = moments.slice(1).flatMap((to, index): readonly Span[] => {
    const from = moments[index]!;
    const isShort = !isAvailable({ ...use, from, to }, taken, owned);
    return isShort ? [{ from, to }] : [];
  });
  return merged(short);
}

/** What there is of things that jobs share. */
export interface Owned {
  /** Undefined where nobody counted them: then they are never short. */
  readonly clamps: number | undefined;
}

const ownedOf = ({ kind, count }: Use, { clamps }: Owned): number =>
  // Nobody has fewer clamps than the job at hand needs.
  kind === 'mould' ? 1 : Math.max(clamps ?? Infinity, count);

function handsOf({ tasks: { tasks }, dates }: DatedJob, starts: Starts): readonly Span[] {
  return tasks.flatMap((task) => {
    const from = starts.get(task.id);
    return task.hands !== 'on' || from === undefined || dates.done.has(task.id)
      ? []
      : [{ from, to: from + task.minutes }];
  });
}

/** Moments that a look in goes to: when somebody is awake, within an hour; as it falls otherwise. */
const mostPutOffMin = 60;

function lookAt(at: number, { awake }: Calendar): number {
  const next = firstFrom(awake, at);
  return next !== undefined && next - at <= mostPutOffMin ? next : at;
}

interface Placing {
  readonly job: DatedJob;
  readonly starts: Starts;
  readonly feasible: ReadonlyMap<string, Spans>;
  readonly calendar: Calendar;
  /** Tasks that stand at a time that does not do. */
  readonly forced: ReadonlySet<string>;
}

/** A window with this much of it in hours is wide enough, whatever a night cuts off it, min. */
const wideMin = 6 * 60;

/** Whether hours leave little of a window. */
function isCut(usable: Spans, whole: Span): boolean {
  const left = usable.reduce((sum, { from, to }) => sum + to - from, 0);
  return left < whole.to - whole.from && left < wideMin;
}

/** The window of a task in the person's hours, and whether all of it is. */
function windowOf(
  task: TaskSpec,
  { job: { dates }, starts, calendar, feasible }: Placing,
): { readonly window: PlacedTask['window']; readonly tight: boolean } {
  const { tie, hands, minutes, id } = task;
  if (tie === undefined || !Number.isFinite(tie.toMin) || !Number.isFinite(tie.fromMin)) {
    return { window: undefined, tight: false };
  }
  const tiedAt = starts.get(tie.to)!;
  const whole = { from: tiedAt + tie.fromMin, to: tiedAt + tie.toMin };
  if (hands !== 'on') return { window: whole, tight: false };
  const near = inside(calendar.work, { from: whole.from, to: whole.to + minutes });
  const usable = startsIn(near, minutes);
  const at = starts.get(id)!;
  const isFixed = dates.done.has(id) || dates.pins.has(id);
  const inReach = isFixed ? usable : both(usable, feasible.get(id) ?? []);
  const [first, last] = [inReach[0]?.from, inReach.at(-1)?.to];
  const safe =
    tie.safe === undefined || (at >= tiedAt + tie.safe.fromMin && at <= tiedAt + tie.safe.toMin);
  return {
    window: first === undefined || last === undefined ? whole : { from: first, to: last },
    tight: !dates.done.has(id) && (isCut(usable, whole) || !safe),
  };
}

/** When a piece is ready: cured, and out of everything that is done with hands. */
function readyAt(
  at: number,
  tasks: readonly TaskSpec[],
  { starts, job: { dates } }: Placing,
): number {
  const ends = tasks.flatMap((task) =>
    task.hands === 'on' && starts.has(task.id) ? [endOf(task, starts, dates)] : [],
  );
  return Math.max(at, ...ends);
}

function placed(placing: Placing): readonly PlacedTask[] {
  const { job, starts, calendar, forced } = placing;
  const { tasks, dates } = job;
  return tasks.tasks.map((task): PlacedTask => {
    const { id, kind, pour, layer, hands, minutes, tie, lines } = task;
    const real = dates.done.get(id);
    const pin = dates.pins.get(id);
    const tiedAt = tie === undefined ? 0 : (starts.get(tie.to) ?? 0);
    const at =
      real?.from ?? starts.get(id) ?? pin ?? lookAt(tiedAt + (tie?.fromMin ?? 0), calendar);
    const from = kind === 'ready' ? readyAt(at, tasks.tasks, placing) : at;
    const { window, tight } = decides(task)
      ? windowOf(task, placing)
      : { window: { from: tiedAt + tie!.fromMin, to: tiedAt + tie!.toMin }, tight: false };
    const isNight = spanAt(calendar.awake, from) === undefined;
    return {
      id,
      job: tasks.job,
      kind,
      pour,
      layer,
      hands,
      from,
      to: real?.to ?? from + minutes,
      window,
      tight: tight || forced.has(id),
      pinned: pin !== undefined,
      done: real !== undefined,
      asleep:
        real === undefined &&
        (hands === 'look' ? isNight : kind === 'pour' && !peaksAwake(task, from, calendar)),
      lines,
    };
  });
}

/**
 * Gives every task of every job its time: one after the other in the order of what is under way, fixed and due, so that no two
 * take the hands, a mould or clamps at once. Where a job fits nowhere, its task that breaks is told with why, and stands where
 * its window opens.
 * @param now nothing that is not done begins before it; leave it out where nobody looks at a clock
 */
export function solve(
  jobs: readonly DatedJob[],
  calendar: Calendar,
  owned: Owned,
  now = -Infinity,
): Timetable {
  const taken: { hands: Span[]; uses: (Use & Span)[] } = { hands: [], uses: [] };
  const solved = new Map<string, readonly PlacedTask[]>();
  const broken: Broken[] = [];
  for (const asked of inOrder(jobs)) {
    const free = without(calendar.work, merged(taken.hands));
    const anyHour = new Set<string>();
    // What has happened need not have followed from anything; what is yet to come follows from it.
    const loose = new Set(
      asked.tasks.tasks.flatMap(({ id, kind, tie }) =>
        asked.dates.done.has(id) &&
        (kind !== 'prepare' || (tie !== undefined && asked.dates.done.has(tie.to)))
          ? [id]
          : [],
      ),
    );
    let [job, sharesAnyway] = [asked, false];
    const isFree = (starts: Starts): boolean =>
      sharesAnyway ||
      usesOf(job, starts).every((use) => isAvailable(use, taken.uses, ownedOf(use, owned)));
    // Each turn lets go of one thing that was in the way, so that there are few of them.
    for (let turns = 0; turns <= 2 * asked.tasks.tasks.length + 2; turns += 1) {
      const short = new Map(
        sharesAnyway
          ? []
          : job.tasks.uses.map((use) => [
              use.fromTask,
              shortOf(use, taken.uses, ownedOf(use, owned)),
            ]),
      );
      const room: Room = { calendar, free, now, anyHour, loose, taken: short };
      const allowed = allowedStarts(job.tasks, job.dates, room);
      const feasible = feasibleStarts(job.tasks, allowed, room);
      const starts = bestPlacement(job.tasks, job.dates, room, feasible, isFree, budget);
      if (starts !== undefined) {
        const forced = new Set([...anyHour, ...loose]);
        solved.set(job.tasks.job, placed({ job, starts, feasible, calendar, forced }));
        taken.hands.push(...handsOf(job, starts));
        taken.uses.push(...usesOf(job, starts));
        break;
      }
      const found = findBreak(job, room);
      broken.push({ job: job.tasks.job, ...found });
      if (found.code === 'due-too-soon') job = { ...job, dates: { ...job.dates, due: undefined } };
      else if (found.code === 'too-late' && found.task === rootOf(job)) {
        // It begins as soon as it can instead.
        job = { ...job, dates: { ...job.dates, start: undefined } };
      } else if (found.code === 'in-use') sharesAnyway = true;
      else if (found.code === 'against-fixed') loose.add(found.task);
      else anyHour.add(found.task);
    }
  }
  const tasks = jobs.flatMap(({ tasks: { job } }) => solved.get(job) ?? []);
  return { tasks, broken };
}
