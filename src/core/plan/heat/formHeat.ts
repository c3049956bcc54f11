import { formMarginK } from '../../thermal/bands';
import type { HeatLayer } from '../../thermal/pourSetting';
import { highPeakUpToC, type CurePlace } from './layerCures';
import type { LayerCure } from './layerClock';

/** A form that may not bear its pour, °C. */
export interface FormHeat {
  readonly bearsC: number;
  readonly peakC: number;
  /** In a warmer room, deeper, or in stiller air. */
  readonly highC: number;
}

/** A peak so far under what the form bears does not come to it whatever the shed is like, K. */
const farUnderK = 60;

/** Whether a form gives way: the high end of a peak is over what it bears, or the peak itself near it. */
export const givesWay = (bearsC: number, peakC: number, highC: number): boolean =>
  highC > bearsC || peakC > bearsC - formMarginK;

/**
 * What a pour does to its form where that may give way.
 * @param bearsC the least of its walls and seals
 * @param layers followed one by one, at their moments
 * @param cures of these layers
 */
export function formHeat(
  place: CurePlace,
  bearsC: number | undefined,
  layers: readonly HeatLayer[],
  cures: readonly (LayerCure | undefined)[],
): FormHeat | undefined {
  if (bearsC === undefined) return undefined;
  const peaksC = layers.map((_, at) => cures[at]?.peakC ?? -Infinity);
  const peakC = Math.max(...peaksC);
  if (!(peakC > bearsC - farUnderK)) return undefined;
  const hottest = layers.slice(0, peaksC.indexOf(peakC) + 1);
  const highC = Math.max(peakC, highPeakUpToC(place, hottest));
  return givesWay(bearsC, peakC, highC) ? { bearsC, peakC, highC } : undefined;
}
