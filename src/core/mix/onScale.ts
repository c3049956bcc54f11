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

/**
 * Rounds one batch for the scale and keeps it in ratio: A goes up to the next step, since short is
 * worse than over, and B is what that A asks for, to the nearest step.
 * @param aG exact mass of A
 * @param massAPerB the ratio by weight
 * @param stepG what the scale shows, in g
 */
export function onScale(aG: number, massAPerB: number, stepG: number): ScaleFigures {
  const roundedAG = roundUpToStep(aG, stepG);
  const wantedBG = roundedAG / massAPerB;
  const roundedBG = roundToStep(wantedBG, stepG);
  return {
    stepG,
    aG: roundedAG,
    bG: roundedBG,
    totalG: roundToStep(roundedAG + roundedBG, stepG),
    ratioError: roundedBG / wantedBG - 1,
  };
}
