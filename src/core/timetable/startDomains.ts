import type { Calendar } from './calendar';
import {
  always,
  both,
  inside,
  only,
  reaching,
  spanAt,
  startsIn,
  without,
  type Spans,
} from './spans';
import type { Dates, JobTasks, TaskSpec } from './tasks';

/** What one job is placed in. */
export interface Room {
  readonly calendar: Calendar;
  /** Hours in which hands are free of other jobs. */
  readonly free: Spans;
  /** The same less what is fixed in jobs that are still to be placed: only what is fixed itself may be there. */
  readonly open: Spans;
  /** Nothing that is not done begins before it; -Infinity where nobody looks at a clock. */
  readonly now: number;
  /** Tasks for which hours do not count: those that found none. */
  readonly anyHour: ReadonlySet<string>;
  /** Tasks that do not wait for what they are tied to: those that are fixed against it. */
  readonly loose: ReadonlySet<string>;
  /** When tasks cannot begin, because another job has what they need. */
  readonly taken: ReadonlyMap<string, Spans>;
}

/** Where each task begins, by its id. */
export type Starts = ReadonlyMap<string, number>;

/** When a task is over, at its real time where it is done. */
export const endOf = ({ id, minutes }: TaskSpec, starts: Starts, { done }: Dates): number =>
  done.get(id)?.to ?? starts.get(id)! + minutes;

/** Whether a task takes part in deciding when: what is only looked at follows. */
export const decides = ({ hands }: TaskSpec): boolean => hands !== 'look';

/** A pour that should be over for so long and was not ticked off was not poured, min. */
const forgottenMin = 60;

/** Whether a start that was set went by and nothing was poured. */
export const hasPassed = (start: number, { minutes }: TaskSpec, now: number): boolean =>
  start + minutes + forgottenMin < now;

/** When each task could begin if it were alone: in hours, not before now, and done by the due date. */
export function allowedStarts(
  { tasks }: JobTasks,
  { start, due, pins, done }: Dates,
  { free, open, now, anyHour, taken }: Room,
): ReadonlyMap<string, Spans> {
  const byLength = new Map<number, Spans>();
  const inHours = (minutes: number): Spans => {
    const found = byLength.get(minutes) ?? startsIn(open, minutes);
    byLength.set(minutes, found);
    return found;
  };
  return new Map(
    tasks.filter(decides).map((task): [string, Spans] => {
      const { id, minutes, hands, tie } = task;
      const real = done.get(id);
      if (real !== undefined) return [id, only(real.from)];
      const fixed = pins.get(id) ?? (tie === undefined ? start : undefined);
      if (fixed !== undefined) {
        // What somebody pins is theirs; a start is asked for, and may not fit, or may have passed.
        const isIn =
          pins.has(id) ||
          anyHour.has(id) ||
          (spanAt(startsIn(free, minutes), fixed) !== undefined && !hasPassed(fixed, task, now));
        const own = isIn ? only(fixed) : [];
        return [id, pins.has(id) ? own : without(own, taken.get(id) ?? [])];
      }
      const hours = hands === 'on' && !anyHour.has(id) ? inHours(minutes) : always;
      const from = hands === 'on' && !anyHour.has(id) ? now : -Infinity;
      const to = due === undefined ? Infinity : due - minutes;
      const own = from > to ? [] : inside(hours, { from, to });
      return [id, without(own, taken.get(id) ?? [])];
    }),
  );
}

/**
 * When each task can begin so that everything that is tied to it can follow: exact for ties that form a tree.
 * @returns in the same order; empty where it cannot
 */
export function feasibleStarts(
  { tasks }: JobTasks,
  allowed: ReadonlyMap<string, Spans>,
  { loose }: Pick<Room, 'loose'>,
): ReadonlyMap<string, Spans> {
  const feasible = new Map(allowed);
  for (const { id, tie } of [...tasks].filter(decides).reverse()) {
    if (tie === undefined || loose.has(id)) continue;
    const own = feasible.get(id)!;
    const before = feasible.get(tie.to)!;
    feasible.set(tie.to, both(before, reaching(own, tie.fromMin, tie.toMin)));
  }
  return feasible;
}
