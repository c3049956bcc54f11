/** What is done, or happens by itself. */
export type TaskKind =
  | 'prepare'
  | 'pour'
  | 'bubbles'
  | 'add-inclusion'
  | 'peak'
  | 'fan-off'
  | 'scuff'
  | 'turn-mould'
  | 'demould'
  | 'plane'
  | 'drips'
  | 'ready';

/** What it takes of a person: both hands in their hours; a look in while they are awake; nothing. */
export type Hands = 'on' | 'look' | 'none';

/** How a task follows another, start to start, min: below 0 where it comes before. */
export interface Tie {
  readonly to: string;
  readonly fromMin: number;
  /** Infinity where it may wait as long as one likes. */
  readonly toMin: number;
  /** The part of that which holds whatever the label leaves open; undefined where there is no doubt. */
  readonly safe: { readonly fromMin: number; readonly toMin: number } | undefined;
  /** Whether it is done as soon as it may, or as late. */
  readonly prefer: 'early' | 'late';
}

/** One task of a job, before it has a time. */
export interface TaskSpec {
  /** Stays with it while the plan changes. */
  readonly id: string;
  readonly kind: TaskKind;
  /** Counted from 0; undefined for what is of the whole job. */
  readonly pour: number | undefined;
  readonly layer: number | undefined;
  readonly minutes: number;
  readonly hands: Hands;
  /** Undefined for the first pour, from which all is told. */
  readonly tie: Tie | undefined;
  /** Of what is prepared: the lines of the list; of what is put in later: its name. */
  readonly lines: readonly string[];
  /** When a layer peaks after it is poured, min; undefined where nothing is known or the rise is none to speak of. */
  readonly peakMin:
    { readonly low: number; readonly mid: number; readonly high: number } | undefined;
}

/** Something that only one job can have at a time, or so many of. */
export interface Use {
  readonly what: string;
  readonly kind: 'mould' | 'clamps';
  readonly count: number;
  /** From the beginning of one task to the end of another. */
  readonly fromTask: string;
  readonly untilTask: string;
}

/** A job as the timetable sees it: the first pour first, each task after the one it is tied to. */
export interface JobTasks {
  readonly job: string;
  readonly name: string;
  readonly tasks: readonly TaskSpec[];
  readonly uses: readonly Use[];
}

/** What a person said of when, and what has happened; moments are min since 1970. */
export interface Dates {
  /** The first pour begins then. */
  readonly start: number | undefined;
  /** All of it is done by then. */
  readonly due: number | undefined;
  /** Tasks that stay where they were put. */
  readonly pins: ReadonlyMap<string, number>;
  /** Tasks that are done, at their real times. */
  readonly done: ReadonlyMap<string, { readonly from: number; readonly to: number }>;
}

/** A job with what is said of when. */
export interface DatedJob {
  readonly tasks: JobTasks;
  readonly dates: Dates;
}

/** A task with its time. */
export interface PlacedTask {
  readonly id: string;
  readonly job: string;
  readonly kind: TaskKind;
  readonly pour: number | undefined;
  readonly layer: number | undefined;
  readonly hands: Hands;
  readonly from: number;
  readonly to: number;
  /** When it may begin, in the person's hours; undefined for what may wait as long as one likes. */
  readonly window: { readonly from: number; readonly to: number } | undefined;
  /** Not all of its window is in hours, or it lies where only some readings of the label let it be. */
  readonly tight: boolean;
  readonly pinned: boolean;
  readonly done: boolean;
  /** It happens, or should be looked after, while the person sleeps. */
  readonly asleep: boolean;
  readonly lines: readonly string[];
}

/** Why a task finds no time. */
export interface BreakCodes {
  /** The window opens and closes, and no hours are in it. */
  'outside-hours': { readonly opens: number; readonly closes: number };
  /** It takes longer than the person has hours on any day. */
  'longer-than-hours': { readonly minutes: number; readonly mostMin: number };
  'no-hours': Record<never, never>;
  /** It would fit if another job did not take the hands. */
  'hands-taken': { readonly opens: number; readonly closes: number };
  /** It should have been done before now. */
  'too-late': { readonly opens: number; readonly closes: number };
  /** A mould or clamps that another job has. */
  'in-use': { readonly what: string };
  'due-too-soon': { readonly due: number };
  /** It does not follow from what is pinned or was done. */
  'against-fixed': { readonly opens: number; readonly closes: number };
}
