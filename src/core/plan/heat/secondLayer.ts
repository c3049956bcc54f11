import { warmEndC } from '../../thermal/bands';
import { layerPeaks } from '../../thermal/predict';
import type { FollowedHeat, HeatCaseOfJob } from './heatOfPlan';

/** When the second layer may follow the first. Hours after the first was poured. */
export interface SecondLayer {
  /** Earliest that does not overheat the two together; undefined where no wait is long enough. */
  readonly earliestH: number | undefined;
  /** The peak of the two at that, °C. */
  readonly peakC: number | undefined;
  /** When it is planned. */
  readonly plannedH: number;
  /** The window in which it is sticky. */
  readonly tackyH: { readonly from: number | undefined; readonly to: number | undefined };
  /** Whether the two overlap; else cure, scuff and pour. */
  readonly overlap: boolean;
}

/** A pair may be this much hotter than one of them by itself, where that is over the limit already, K. */
const pairK = 2;
const longestH = 240;

/**
 * The earliest second layer: its peak falls the longer it waits.
 * @param followed the pour as planned, for the window of its first layer
 * @returns undefined for a pour in one layer
 */
export function secondLayerOf(
  given: HeatCaseOfJob,
  followed: FollowedHeat,
): SecondLayer | undefined {
  const { setting, curing, family } = given;
  const [first, second] = setting.layers;
  if (first === undefined || second === undefined) return undefined;
  const pairAt = (hours: number): number =>
    Math.max(
      ...layerPeaks(
        { ...setting, layers: [first, { ...second, pouredS: hours * 3600 }] },
        curing,
      ).map(({ peakC }) => peakC),
    );
  const singleC = Math.max(
    ...[first, second].map(
      ({ depthM }) =>
        layerPeaks({ ...setting, layers: [{ depthM, pouredS: 0 }] }, curing)[0]!.peakC,
    ),
  );
  const limitC = Math.max(
    // Peaks up to the end of "warm" are not overheated.
    warmEndC(family),
    singleC + pairK,
  );
  const tackyH = followed.plan.layers[0]!.recoatH;
  const plannedH = second.pouredS / 3600;
  if (pairAt(longestH) > limitC) {
    return { earliestH: undefined, peakC: undefined, plannedH, tackyH, overlap: false };
  }
  let low = 0;
  let high = longestH;
  while (high - low > Math.max(0.1, high * 0.02)) {
    const middle = high > 8 * (low + 1) ? Math.sqrt((low + 1) * high) : (low + high) / 2;
    if (pairAt(middle) > limitC) low = middle;
    else high = middle;
  }
  const overlap = tackyH.from !== undefined && (tackyH.to === undefined || high <= tackyH.to);
  return { earliestH: high, peakC: pairAt(high), plannedH, tackyH, overlap };
}
