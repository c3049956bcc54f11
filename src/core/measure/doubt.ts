import type { ProblemData } from '../problem';

/** Which way a method errs: a fill with grain reads low, rectangles laid over a cavity read high. */
export type Errs = 'low' | 'high' | 'either';

/** How sure a volume is, and why. */
export interface Doubt {
  /** Half the width of the band; for a method that errs to one side, how far it may be off to that side. */
  readonly plusMinusMl: number;
  readonly errs: Errs;
  /** The rule that gave it, for a sentence. */
  readonly rule: DoubtRule;
  readonly data: ProblemData;
}

export type DoubtRule =
  | 'as-given'
  | 'reading'
  | 'stations'
  | 'two-stations'
  | 'rectangles'
  | 'rectangles-narrowest'
  | 'traced'
  | 'drawn'
  | 'mesh-as-drawn'
  | 'mesh-holes'
  | 'wet-scale'
  | 'wet-jug'
  | 'dry-jug'
  | 'dry-weight'
  | 'weighed'
  | 'displaced'
  | 'mould'
  | 'covered';

/** A volume that somebody states and nobody measures here. */
export const asGiven: Doubt = { plusMinusMl: 0, errs: 'either', rule: 'as-given', data: {} };

/** Independent doubts together: the root of the sum of their squares. */
export function rootSumSquare(values: readonly number[]): number {
  return Math.hypot(...values);
}

/** The way that several doubts err together: to one side only where all that matter do. */
export function errsTogether(doubts: readonly Pick<Doubt, 'plusMinusMl' | 'errs'>[]): Errs {
  const ways = new Set(doubts.filter(({ plusMinusMl }) => plusMinusMl > 0).map(({ errs }) => errs));
  const [only] = ways;
  return ways.size === 1 && only !== undefined ? only : 'either';
}
