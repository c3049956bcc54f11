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
  /** B against what A asks for, as a share of it. */
  readonly ratioError: number;
}

/** From here on the rounded ratio, as a share of B, is worth a word. */
export const fineRatioError = 0.02;
/** From here on what is mixed over the need, as a share of it, is worth a word. */
export const fineExcess = 0.1;

/** A goes up to the next step, since short is worse than over, and B is what that A asks for, to the nearest step. */
function fromA(a: number, aPerB: number, step: number): Rounded {
  const roundedA = roundUpToStep(a, step);
  const wantedB = roundedA / aPerB;
  const roundedB = roundToStep(wantedB, step);
  return {
    a: roundedA,
    b: roundedB,
    total: roundToStep(roundedA + roundedB, step),
    ratioError: roundedB / wantedB - 1,
  };
}

/** The other way round: B goes up to the next step, and A is what that B asks for, to the nearest step that is not short. */
function fromB(a: number, aPerB: number, step: number): Rounded {
  const roundedB = roundUpToStep(a / aPerB, step);
  const roundedA = Math.max(roundToStep(roundedB * aPerB, step), roundUpToStep(a, step));
  return {
    a: roundedA,
    b: roundedB,
    total: roundToStep(roundedA + roundedB, step),
    ratioError: roundedB / (roundedA / aPerB) - 1,
  };
}

/** A wrong ratio spoils the piece, too much of the right one only costs: so much more it weighs. */
const ratioWeight = 10;

/** Rounds both parts: from A, unless that strays, and further than from B, in ratio and amount together. */
function inSteps(a: number, aPerB: number | undefined, step: number): Rounded {
  if (aPerB === undefined) {
    const all = roundUpToStep(a, step);
    return { a: all, b: 0, total: all, ratioError: 0 };
  }
  const need = a + a / aPerB;
  const excess = ({ total }: Rounded): number => Math.max(0, total / need - 1);
  const first = fromA(a, aPerB, step);
  if (Math.abs(first.ratioError) <= fineRatioError && excess(first) <= fineExcess) return first;
  const other = fromB(a, aPerB, step);
  const strays = (each: Rounded): number => ratioWeight * Math.abs(each.ratioError) + excess(each);
  return strays(other) < strays(first) ? other : first;
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
