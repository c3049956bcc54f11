import type { Person } from '../person/person';
import { calendarOf, type Calendar } from './calendar';
import type { DatedJob } from './tasks';

const day = 24 * 60;
/** A form is prepared in less, and hours are found in less, even with two weeks away. */
const marginMin = 45 * day;

/** How long a job takes from its first pour if nothing waits longer than it must. */
const lengthMin = ({ tasks: { tasks } }: DatedJob): number =>
  tasks.reduce(
    (sum, { minutes, tie }) =>
      sum +
      minutes +
      (tie !== undefined && Number.isFinite(tie.fromMin) ? Math.max(0, tie.fromMin) : 0),
    0,
  );

/**
 * The calendar that these jobs are placed in: from some weeks before the first moment that is said to some weeks after the last.
 * @throws InputError `no-such-zone`
 */
export function calendarFor(
  jobs: readonly DatedJob[],
  person: Person,
  zone: string,
  now: number | undefined,
): Calendar {
  const said = jobs.flatMap(({ dates: { start, due, pins, done } }) => [
    ...(start === undefined ? [] : [start]),
    ...(due === undefined ? [] : [due]),
    ...pins.values(),
    ...[...done.values()].map(({ from }) => from),
  ]);
  const all = now === undefined ? said : [...said, now];
  const longest = Math.max(0, ...jobs.map(lengthMin));
  // Back from a due date: all of it lies before.
  const backMin = jobs.some(({ dates: { due } }) => due !== undefined) ? longest : 0;
  return calendarOf(
    person,
    zone,
    Math.floor(Math.min(...all) - marginMin - backMin),
    Math.ceil(Math.max(...all) + marginMin + longest),
  );
}
