import type { HeatCaseOfJob } from '../plan/heat/heatOfPlan';
import { keystrokeGrid } from '../thermal/pourSetting';
import { predictMiddle } from '../thermal/predict';

/** When and how warm a layer gets by itself. */
export interface OwnPeak {
  readonly peakMin: number;
  readonly peakC: number;
}

/**
 * The peak that a layer comes to before the next one is poured on it: that is when one looks after it, however warm the next one
 * makes it later.
 * @param layer counted from 0
 * @returns undefined for the last layer, and where the next one comes first or the rise is none to speak of
 */
export function ownPeakOf(
  {
    setting,
    family,
    curing,
    marks,
  }: Pick<HeatCaseOfJob, 'setting' | 'family' | 'curing' | 'marks'>,
  layer: number,
): OwnPeak | undefined {
  const next = setting.layers[layer + 1];
  if (next === undefined) return undefined;
  const upTo = { ...setting, layers: setting.layers.slice(0, layer + 1) };
  const { peakH, peakC } = predictMiddle(upTo, family, curing, marks, keystrokeGrid(upTo)).layers[
    layer
  ]!;
  const peakMin = peakH === undefined ? undefined : peakH * 60;
  const gapMin = (next.pouredS - setting.layers[layer]!.pouredS) / 60;
  return peakMin === undefined || peakMin > gapMin ? undefined : { peakMin, peakC };
}
