import type { Person } from '../person/person';
import type { Shelf } from '../plan/planTypes';
import type { Calendar } from './calendar';
import { calendarFor } from './horizon';
import type { JobDays } from './jobDays';
import { solve, type Broken, type Timetable } from './solve';
import type { DatedJob, Dates, PlacedTask } from './tasks';
import { waysOut, type Freeing, type WayOut } from './wouldFree';

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

/** The same before the ways out were tried. */
export interface SolvedDays extends Omit<Days, 'broken'> {
  /** With the ways out of each; none but for the first of a job: what frees that may free the rest. */
  readonly broken: readonly { readonly broken: Broken; readonly ways: readonly WayOut[] }[];
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
 * Fits all jobs into a person's days. What does not fit comes with its ways out, which take longer than all the rest.
 * @throws InputError `no-such-zone`
 */
export function solveDays({ jobs, person, zone, now, shelf }: DaysQuestion): SolvedDays {
  const dated = jobs.map(({ days, dates }): DatedJob => ({ tasks: days.tasks, dates }));
  const calendar = calendarFor(dated, person, zone, now);
  const solveAll = (all: readonly DatedJob[]): Timetable => solve(all, calendar, person, now);
  const { tasks, broken } = solveAll(dated);
  const waysOf = (each: Broken): readonly WayOut[] => {
    if (broken.find(({ job }) => job === each.job) !== each) return [];
    const { days, dates } = jobs.find(({ days: { tasks: of } }) => of.job === each.job)!;
    return waysOut(each, {
      job: each.job,
      resolved: days.resolved,
      plan: days.plan,
      person,
      shelf,
      solveWith: (other) =>
        solveAll(dated.map((one) => (one.tasks.job === each.job ? { tasks: other, dates } : one))),
    });
  };
  return {
    calendar,
    tasks: [...tasks].sort((a, b) => a.from - b.from || a.to - b.to),
    broken: broken.map((each) => ({ broken: each, ways: waysOf(each) })),
  };
}

/**
 * The same with every way out tried.
 * @throws InputError `no-such-zone`
 */
export function planDays(question: DaysQuestion): Days {
  const { calendar, tasks, broken } = solveDays(question);
  return {
    calendar,
    tasks,
    broken: broken.map(({ broken: each, ways }) => ({
      ...each,
      wouldFree: ways.flatMap((way) => way()),
    })),
  };
}
