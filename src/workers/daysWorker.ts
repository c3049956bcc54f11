import type { MovedCure } from '../core/cure/movedCure';
import type { PersonTyped } from '../core/person/personSchema';
import type { Plan, Shelf } from '../core/plan/planTypes';
import type { PrepareLine } from '../core/prepare/prepareOf';
import type { TypedDates, TypedTicks } from '../core/timetable/datesOf';
import type { Calendar } from '../core/timetable/calendar';
import type { ToldBreak } from '../core/timetable/planDays';
import type { PlacedTask } from '../core/timetable/tasks';
import type { Told } from './told';

/** A stored job with what is kept of its days. */
export interface JobInDays {
  readonly id: string;
  /** Its key and its record, as it is stored. */
  readonly key: string;
  readonly text: string;
  readonly dates: TypedDates;
  readonly ticks: TypedTicks;
  /** By pour, what was measured of it while it cures. */
  readonly moved: readonly (MovedCure | undefined)[];
}

export interface DaysRequest {
  readonly jobs: readonly JobInDays[];
  readonly person: PersonTyped | undefined;
  readonly zone: string;
  /** Min since 1970. */
  readonly now: number;
}

/** What tasks of a job are named by. */
export interface DaysOfJob {
  readonly job: string;
  readonly name: string;
  readonly pours: readonly Pick<Plan['pours'][number], 'name' | 'role'>[];
  readonly layers: readonly number[];
  readonly prepare: readonly PrepareLine[];
  /** The first pour: where it stands is when the job starts. */
  readonly root: string;
  readonly start: number | undefined;
  readonly due: number | undefined;
}

/** The days of all dated jobs. */
export interface DaysAnswer {
  readonly jobs: readonly DaysOfJob[];
  /** Jobs that have no plan yet, or cannot be read. */
  readonly untold: readonly string[];
  readonly tasks: readonly PlacedTask[];
  readonly broken: readonly ToldBreak[];
  readonly calendar: Calendar;
  readonly now: number;
}

/** Works out days in a thread, over its border. */
export interface DaysWorker {
  readonly useShelf: (shelf: Shelf) => Promise<void>;
  /** Nothing where a newer request has come meanwhile. */
  readonly solve: (request: DaysRequest) => Promise<Told<DaysAnswer | undefined>>;
}
