import { InputError } from '../problem';

/** How a solver chooses its steps: shared by the one- and the two-dimensional one. */
export interface StepRules {
  /** Largest error of one step in any cell, K; of the degree of cure a hundredth of the figure. */
  readonly toleranceK: number;
  readonly firstStepS: number;
  readonly longestStepS: number;
  /**
   * Where this share of the time since the start is longer than that, steps may be so long: a cure slows down as it ages, and what
   * is drawn straight between two moments stays as true.
   */
  readonly longestShare?: number;
  /**
   * Steps of implicit Euler, each as long as the first, before the method of third order takes over. That one does not damp
   * what is too quick for its steps: a cold layer on a warm one would ring in the slopes for hours.
   */
  readonly dampedSteps?: number;
}

/** Steps shrink and grow by these at most. */
const leastGrowth = 0.2;
const greatestGrowth = 4;
/** Aim a little below what the error allows, so that few steps are refused. */
const safety = 0.9;
/** What a step is cut to when the matrix would lose its sign: the step is too long for the cure's own acceleration. */
export const unsafeCut = 0.3;
/** Least of 1 − γh ∂r/∂α, and least pivot of the scaled matrix. */
export const leastCureTerm = 0.15;
export const leastPivot = 0.1;

/** A cure that falls back counts as ten times the error it is. */
export const fallsWeigh = 10;

/**
 * Step ratio after an error.
 * @param error largest error of the step, over the tolerance
 * @param order of the error estimate plus one: 3 for ROS3P, 2 for ROS2
 */
export function growthAfter(error: number, order: 2 | 3): number {
  if (error === 0) return greatestGrowth;
  const wanted = safety / (order === 3 ? Math.cbrt(error) : Math.sqrt(error));
  return wanted < leastGrowth ? leastGrowth : wanted > greatestGrowth ? greatestGrowth : wanted;
}

/**
 * A shorter step after one that failed.
 * @throws InputError `heat-lost-itself` where it is under a microsecond: only nonsense can bring that about
 */
export function shorter(stepS: number, timeS: number): number {
  if (!(stepS > 1e-6)) throw new InputError('heat-lost-itself', timeS, { hours: timeS / 3600 });
  return stepS;
}

/** Rules for a whole run: a fortieth of its length is the longest step, so that no event falls through. */
export const stepRules = (wholeS: number, toleranceK: number): StepRules => ({
  toleranceK,
  firstStepS: 1,
  longestStepS: wholeS / 40,
  dampedSteps: 4,
});

/** What a solver tells after each step it keeps; cells are numbered as in its grid. */
export interface Moment {
  readonly timeS: number;
  readonly temperaturesC: Float64Array;
  readonly alphas: Float64Array;
  /** Their slopes in time, K/s and 1/s, for interpolation between two moments. */
  readonly warming: Float64Array;
  readonly curing: Float64Array;
}

/**
 * Hears of every step. The arrays are the solver's own: they are written over in the next step but one.
 * @returns true to stop the run
 */
export type Watch = (before: Moment, after: Moment) => boolean;
