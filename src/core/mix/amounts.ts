import type { ReadResin } from '../resin/readResin';

/** An amount of one part, or of both. */
export interface Amount {
  readonly ml: number;
  readonly g: number;
}

/** What to mix: the whole and its two parts. */
export interface MixAmounts extends Amount {
  readonly a: Amount;
  readonly b: Amount;
}

/**
 * Splits a volume of mixed resin into part A and part B; a resin in one bottle is all A.
 * Volumes are taken to add up; the small contraction on mixing stays inside the overage.
 * @param mixedMl volume of both parts together
 */
export function amountsOf(mixedMl: number, resin: ReadResin): MixAmounts {
  if (resin.ratio === undefined) {
    const all = { ml: mixedMl, g: mixedMl * resin.densityAGPerMl };
    return { ...all, a: all, b: { ml: 0, g: 0 } };
  }
  const { volumeAPerB } = resin.ratio;
  const aMl = (mixedMl * volumeAPerB) / (volumeAPerB + 1);
  const bMl = mixedMl / (volumeAPerB + 1);
  const a = { ml: aMl, g: aMl * resin.densityAGPerMl };
  const b = { ml: bMl, g: bMl * resin.densityBGPerMl };
  return { ml: mixedMl, g: a.g + b.g, a, b };
}
