import type { Person } from '../person/person';
import type { Shelf } from '../plan/planTypes';
import type { Calendar } from './calendar';
import { calendarFor } from './horizon';
import type { JobDays } from './jobDays';
import { solve, type Broken, type Timetable } from './solve';
import type { DatedJob, Dates, PlacedTask } from './tasks';
import { wouldFree, type Freeing } from './wouldFree';

/** A job and when it is wanted. */
export interface JobToDate {
  readonly days: JobDays;
  readonly dates: Dates;
}

/** What breaks, with what would free it. */
export type ToldBreak = Broken & { readonly wouldFree: readonly Freeing[] };

/** The days of all jobs of a person. */
export interface Days {
  readonly calendar: Calendar;
  /** In the order of time. */
  readonly tasks: readonly PlacedTask[];
  readonly broken: readonly ToldBreak[];
}

interface DaysQuestion {
  readonly jobs: readonly JobToDate[];
  readonly person: Person;
  readonly zone: string;
  /** Min since 1970; undefined where nobody looks at a clock. */
  readonly now: number | undefined;
  readonly shelf?: Shelf | undefined;
}

/**
 * Fits all jobs into a person's days, and tells of what does not fit what would free it.
 * @throws InputError `no-such-zone`
 */
export function planDays({ jobs, person, zone, now, shelf }: DaysQuestion): Days {
  const dated = jobs.map(({ days, dates }): DatedJob => ({ tasks: days.tasks, dates }));
  const calendar = calendarFor(dated, person, zone, now);
  const solveAll = (all: readonly DatedJob[]): Timetable => solve(all, calendar, person, now);
  const { tasks, broken } = solveAll(dated);
  // The first that breaks decides; what frees it may free the rest.
  const firsts = new Set(
    jobs.flatMap(({ days }) => broken.find(({ job }) => job === days.tasks.job) ?? []),
  );
  const told = broken.map((each): ToldBreak => {
    if (!firsts.has(each)) return { ...each, wouldFree: [] };
    const { days, dates } = jobs.find(({ days: { tasks: of } }) => of.job === each.job)!;
    const question = {
      job: each.job,
      resolved: days.resolved,
      plan: days.plan,
      person,
      shelf,
      solveWith: (other: JobDays['tasks']) =>
        solveAll(dated.map((one) => (one.tasks.job === each.job ? { tasks: other, dates } : one))),
    };
    return { ...each, wouldFree: wouldFree(each, question) };
  });
  return {
    calendar,
    tasks: [...tasks].sort((a, b) => a.from - b.from || a.to - b.to),
    broken: told,
  };
}
