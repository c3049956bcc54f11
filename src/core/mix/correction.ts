import { hairMl, isOver } from '../quantity/tolerance';
import { roundToStep } from '../quantity/round';

/** How far off the ratio a mix is, and what becomes of it. */
export type RatioBand = 'fine' | 'tell' | 'soft' | 'do-not-pour';

/** Bands of the trade for epoxies and polyurethanes, as shares off the ratio. */
const bands: readonly (readonly [RatioBand, number])[] = [
  ['fine', 0.02],
  ['tell', 0.05],
  ['soft', 0.1],
];

/** The band that a ratio this far off lies in. */
export const bandOf = (ratioError: number): RatioBand =>
  bands.find(([, most]) => !isOver(Math.abs(ratioError), most))?.[0] ?? 'do-not-pour';

/** What the batch was to be. */
export interface MixTarget {
  /** With its whole-A tint, as it is weighed. */
  readonly aG: number;
  readonly bG: number;
  /** Of A with its tint over B. */
  readonly massAPerB: number;
  readonly mixedDensityGPerMl: number;
  /** What the cup may hold; undefined where nothing limits it. */
  readonly limitMl: number | undefined;
  readonly stepG: number;
}

/** What the scale says is in the cup already; a part that is not in yet is left out. */
export interface Poured {
  readonly aG?: number | undefined;
  readonly bG?: number | undefined;
}

/** What to do about it: new figures for both parts, and what follows. */
export interface Correction {
  /** Where each part should stand in the end. */
  readonly a: { readonly g: number; readonly addG: number };
  readonly b: { readonly g: number; readonly addG: number };
  readonly totalG: number;
  readonly totalMl: number;
  /** The same for the scale: what is in stays as it was read, what is added goes to the nearest step. */
  readonly onScale: {
    readonly stepG: number;
    readonly aG: number;
    readonly bG: number;
    readonly totalG: number;
  };
  /** Of B in the cup now against what the A in it asks for; 0 while one part is still to come. */
  readonly ratioErrorPercent: number;
  readonly band: RatioBand;
  /** Over what the batch was to be: it goes to the leftovers. */
  readonly surplusG: number;
  readonly surplusMl: number;
  readonly fitsCup: boolean;
  readonly overCupMl: number;
}

/**
 * What to do when the scale went past a figure: nothing is poured back, the part that is short follows the other.
 * @param target what the batch was to be
 * @param poured what the scale says, g of each
 */
export function correctionOf(target: MixTarget, poured: Poured): Correction {
  const { massAPerB, stepG, limitMl, mixedDensityGPerMl } = target;
  const aIn = poured.aG ?? 0;
  const bIn = poured.bG ?? 0;
  // The larger of what was meant and what either part that is in asks for.
  const aG = Math.max(target.aG, aIn, bIn * massAPerB);
  const settled = poured.aG !== undefined && aIn >= Math.max(target.aG, bIn * massAPerB);
  const bG = Math.max(aG / massAPerB, bIn);
  const both = poured.aG !== undefined && poured.bG !== undefined;
  const ratioError = both && aIn > 0 ? (bIn * massAPerB) / aIn - 1 : 0;
  const totalG = aG + bG;
  const totalMl = totalG / mixedDensityGPerMl;
  const surplusG = Math.max(0, totalG - target.aG - target.bG);
  const overCupMl = limitMl === undefined ? 0 : Math.max(0, totalMl - limitMl);
  // A figure that stands is shown as the scale read it.
  const scaleAG = settled ? aIn : roundToStep(aG, stepG);
  const scaleBG = bG === bIn && poured.bG !== undefined ? bIn : roundToStep(bG, stepG);
  return {
    a: { g: aG, addG: aG - aIn },
    b: { g: bG, addG: bG - bIn },
    totalG,
    totalMl,
    onScale: {
      stepG,
      aG: scaleAG,
      bG: scaleBG,
      totalG: roundToStep(scaleAG + scaleBG, Math.min(stepG, 0.1)),
    },
    ratioErrorPercent: ratioError * 100,
    band: bandOf(ratioError),
    surplusG,
    surplusMl: surplusG / mixedDensityGPerMl,
    fitsCup: overCupMl <= hairMl,
    overCupMl,
  };
}
