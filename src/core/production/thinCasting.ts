import type { JobPour } from '../job/jobPour';
import { measurePart } from '../measure/parts/measurePart';
import type { Part } from '../measure/parts/partSchema';
import { tapeStepOf } from '../plan/readingOf';
import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { lengthRule } from '../quantity/rules';
import { familyOf, type ResinFamily } from '../resin/families';
import type { ReadResin } from '../resin/readResin';

/** How a casting's thickness slows the time at which it may come out. */
export interface Thinness {
  readonly thicknessMm: number;
  readonly from: 'typed' | 'measured';
  /** Times the label's own. */
  readonly timesSlower: number;
}

/** Labels of casting polyurethanes hold for parts about so thick; thinner ones lose their heat to the mould. Assumed. */
const labelThicknessMm = 10;
/** How much more slowly: as the root of how much thinner. Assumed. */
const slower = (thicknessMm: number): number =>
  Math.max(1, Math.sqrt(labelThicknessMm / thicknessMm));

/** Twice the volume over the surface: a plate's thickness, and as much as that of a thicker body. Undefined where no surface is known. */
function meanThicknessMm(part: Part, readTo: string | undefined): number | undefined {
  try {
    const { solid, faces, detail } = measurePart(part, {
      tapeStepMm: tapeStepOf(readTo),
      scaleStepG: Number.NaN,
      mixedDensityGPerMl: Number.NaN,
    });
    if (detail?.kind === 'mesh') return (2000 * solid.volumeMl) / detail.surfaceMm2;
    const { depthMm } = solid;
    if (depthMm === undefined || faces?.sidesMm2 === undefined) return undefined;
    const surfaceMm2 = faces.floorMm2 + faces.sidesMm2(depthMm) + solid.areaAtMm2(depthMm);
    return surfaceMm2 > 0 ? (2000 * solid.volumeMl) / surfaceMm2 : undefined;
  } catch (error) {
    // What is wrong with it is told where it is measured.
    if (error instanceof InputError) return undefined;
    throw error;
  }
}

/**
 * How much longer than on the label castings take because they are thin.
 * @returns undefined for what is not cast of polyurethane, and where neither person nor measure says how thick it is
 */
export function thinnessOf(
  { role, run, casting, measure }: JobPour,
  family: ResinFamily,
): Thinness | undefined {
  const isCast = role === 'castings' || run !== undefined;
  if (!isCast || familyOf(family).kind !== 'polyurethane') return undefined;
  const typed = casting?.thickness;
  const [part] = measure?.parts ?? [];
  const thicknessMm =
    typed !== undefined
      ? readQuantity(typed, lengthRule).value
      : part && meanThicknessMm(part, measure?.readTo);
  if (thicknessMm === undefined || !(thicknessMm > 0)) return undefined;
  return {
    thicknessMm,
    from: typed === undefined ? 'measured' : 'typed',
    timesSlower: slower(thicknessMm),
  };
}

/** A card as thin castings of it behave: days, pots and runs all go by it. */
export function slowedBy(resin: ReadResin, thin: Thinness | undefined): ReadResin {
  const { demould } = resin.times;
  if (thin === undefined || demould === undefined) return resin;
  return {
    ...resin,
    times: {
      ...resin.times,
      demould: { ...demould, timeMin: demould.timeMin * thin.timesSlower },
    },
  };
}
