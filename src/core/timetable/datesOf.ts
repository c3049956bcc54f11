import { Temporal } from 'temporal-polyfill';
import { momentOf } from './calendar';
import type { Dates, JobTasks } from './tasks';

/** When a job is wanted, as it is kept: days and times where the person lives. */
export interface TypedDates {
  readonly start?: string | undefined;
  readonly due?: string | undefined;
  readonly pins: readonly { readonly task: string; readonly at: string }[];
}

/** What of it was done, as it is kept: moments with their zone. */
export interface TypedTicks {
  readonly lines: readonly { readonly id: string; readonly at: string }[];
  readonly tasks: readonly { readonly id: string; readonly from: string; readonly to: string }[];
}

const msPerMin = 60_000;

const minutesOf = (instant: string): number =>
  Math.round(Temporal.Instant.from(instant).epochMilliseconds / msPerMin);

/**
 * What was said and done of a job, as the solver takes it. What is prepared in one go is done with its last line.
 * @throws InputError `no-such-zone`, `not-a-moment`
 */
export function datesOf(
  { tasks }: JobTasks,
  dates: TypedDates,
  ticks: TypedTicks,
  zone: string,
): Dates {
  const lines = new Map(ticks.lines.map(({ id, at }) => [id, minutesOf(at)]));
  const done = new Map(
    ticks.tasks.map(({ id, from, to }) => [id, { from: minutesOf(from), to: minutesOf(to) }]),
  );
  for (const { id, lines: of, minutes } of tasks) {
    const at = of.map((line) => lines.get(line));
    if (of.length === 0 || done.has(id) || at.some((each) => each === undefined)) continue;
    const last = Math.max(...at.flatMap((each) => each ?? []));
    done.set(id, { from: last - minutes, to: last });
  }
  const moment = (text: string | undefined): number | undefined =>
    text === undefined ? undefined : momentOf(text, zone);
  return {
    start: moment(dates.start),
    due: moment(dates.due),
    pins: new Map(dates.pins.map(({ task, at }) => [task, momentOf(at, zone)])),
    done,
  };
}
