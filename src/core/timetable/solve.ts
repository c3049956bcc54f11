import type { Coded } from '../codes/coded';
import type { Calendar } from './calendar';
import { findBreak } from './findBreak';
import { placedTasks } from './placedTasks';
import { isAvailable, ownedOf, shortOf, takenBy, type Owned, type Taken } from './sharing';
import { allowedStarts, feasibleStarts, type Room, type Starts } from './startDomains';
import { bestPlacement } from './placements';
import { merged, without, type Span } from './spans';
import type { BreakCodes, DatedJob, PlacedTask } from './tasks';

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

function handsOf({ tasks: { tasks }, dates }: DatedJob, starts: Starts): readonly Span[] {
  return tasks.flatMap((task) => {
    const from = starts.get(task.id);
    return task.hands !== 'on' || from === undefined || dates.done.has(task.id)
      ? []
      : [{ from, to: from + task.minutes }];
  });
}

/** Stretches of hands that somebody fixed in a job, by a pin or a start. */
function fixedHands({ tasks: { tasks }, dates }: DatedJob): readonly Span[] {
  return tasks.flatMap(({ id, hands, minutes, tie }) => {
    const from = dates.pins.get(id) ?? (tie === undefined ? dates.start : undefined);
    return hands !== 'on' || from === undefined || dates.done.has(id)
      ? []
      : [{ from, to: from + minutes }];
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
  const taken: { hands: Span[]; uses: Taken[] } = { hands: [], uses: [] };
  const solved = new Map<string, readonly PlacedTask[]>();
  const begun = new Set<DatedJob>();
  const broken: Broken[] = [];
  for (const asked of inOrder(jobs)) {
    const free = without(calendar.work, merged(taken.hands));
    // What is fixed in a job that comes later is not in the way of what is fixed here, but nothing else goes there.
    const later = jobs.filter((each) => each !== asked && !begun.has(each)).flatMap(fixedHands);
    const open = without(free, merged(later));
    begun.add(asked);
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
      takenBy(job, starts).every((use) => isAvailable(use, taken.uses, ownedOf(use, owned)));
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
      const room: Room = { calendar, free, open, now, anyHour, loose, taken: short };
      const allowed = allowedStarts(job.tasks, job.dates, room);
      const feasible = feasibleStarts(job.tasks, allowed, room);
      const starts = bestPlacement(job.tasks, job.dates, room, feasible, isFree, budget);
      if (starts !== undefined) {
        const forced = new Set([...anyHour, ...loose]);
        solved.set(job.tasks.job, placedTasks({ job, starts, feasible, calendar, forced }));
        taken.hands.push(...handsOf(job, starts));
        taken.uses.push(...takenBy(job, starts));
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
