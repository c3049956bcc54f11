import { roundToStep, roundUpToStep } from '../quantity/round';

/** Figures as the person's scale can show them. */
export interface ScaleFigures {
  readonly stepG: number;
  readonly aG: number;
  readonly bG: number;
  /** What the scale reads with both in one cup. */
  readonly totalG: number;
  /** How far the rounded B is from what the rounded A asks for, as a share of B. */
  readonly ratioError: number;
}

/** Figures as the marks of a cup can show them. */
export interface CupFigures {
  readonly stepMl: number;
  readonly aMl: number;
  readonly bMl: number;
  /** The level with both in one cup. */
  readonly totalMl: number;
  readonly ratioError: number;
}

interface Rounded {
  readonly a: number;
  readonly b: number;
  readonly total: number;
  readonly ratioError: number;
}

/**
 * A goes up to the next step, since short is worse than over, and B is what that A asks for, to the nearest step.
 * @param aPerB undefined where there is no B
 */
function inSteps(a: number, aPerB: number | undefined, step: number): Rounded {
  const roundedA = roundUpToStep(a, step);
  if (aPerB === undefined) return { a: roundedA, b: 0, total: roundedA, ratioError: 0 };
  const wantedB = roundedA / aPerB;
  const roundedB = roundToStep(wantedB, step);
  return {
    a: roundedA,
    b: roundedB,
    total: roundToStep(roundedA + roundedB, step),
    ratioError: roundedB / wantedB - 1,
  };
}

/**
 * Rounds one batch for the scale and keeps it in ratio.
 * @param aG exact mass of A, whole-A tint included
 * @param massAPerB the ratio by weight; undefined for a resin in one bottle
 * @param stepG what the scale shows, in g
 */
export function onScale(aG: number, massAPerB: number | undefined, stepG: number): ScaleFigures {
  const { a, b, total, ratioError } = inSteps(aG, massAPerB, stepG);
  return { stepG, aG: a, bG: b, totalG: total, ratioError };
}

/** The same for marked cups, by volume. */
export function inCup(aMl: number, volumeAPerB: number | undefined, stepMl: number): CupFigures {
  const { a, b, total, ratioError } = inSteps(aMl, volumeAPerB, stepMl);
  return { stepMl, aMl: a, bMl: b, totalMl: total, ratioError };
}
