import { roundingShare } from '../quantity/tolerance';
import { roundUpWhole } from '../quantity/round';

/** Strokes of two pumps, taken in rounds so that the count is never lost. */
export interface Strokes {
  /** In each round, A first or B first as the person likes. */
  readonly perRound: { readonly a: number; readonly b: number };
  readonly rounds: number;
  readonly a: number;
  readonly b: number;
  readonly ml: number;
  /** How far B is from what A asks for, as a share of B. */
  readonly ratioError: number;
}

/** More strokes than this in a row are miscounted. */
const mostPerRound = 6;

/** Within this the fewest strokes in a round count for more than the last bit of the ratio. */
const closeEnough = 0.01;

/**
 * Strokes for one batch: the fewest in a round that keep the ratio, as many rounds as cover A.
 * @param aMl exact volume of A
 * @param volumeAPerB the ratio by volume
 * @param strokeAMl what one stroke of the pump on A gives
 * @param strokeBMl the same for B
 */
export function strokesOf(
  aMl: number,
  volumeAPerB: number,
  strokeAMl: number,
  strokeBMl: number,
): Strokes {
  let best = { a: 1, b: 1, error: Infinity };
  for (let sum = 2; sum <= 2 * mostPerRound && best.error > closeEnough; sum += 1) {
    for (let a = Math.max(1, sum - mostPerRound); a <= Math.min(mostPerRound, sum - 1); a += 1) {
      const b = sum - a;
      const error = Math.abs((b * strokeBMl * volumeAPerB) / (a * strokeAMl) - 1);
      if (error < best.error * (1 - roundingShare)) best = { a, b, error };
    }
  }
  const rounds = roundUpWhole(aMl / (best.a * strokeAMl));
  return {
    perRound: { a: best.a, b: best.b },
    rounds,
    a: rounds * best.a,
    b: rounds * best.b,
    ml: rounds * (best.a * strokeAMl + best.b * strokeBMl),
    ratioError: (best.b * strokeBMl * volumeAPerB) / (best.a * strokeAMl) - 1,
  };
}
