import type { LayerCure } from '../plan/heat/layerClock';
import type { LayerHeat } from '../thermal/predict';

/** What comes of a layer after it is poured, in the order in which one waits for it. */
export const cureTimes = [
  'gel',
  'peak',
  'stickyFrom',
  'stickyTo',
  'tackFree',
  'demould',
  'keepsShape',
  'hard',
] as const;
export type CureTime = (typeof cureTimes)[number];

/** Minutes after a layer was begun; undefined for what does not happen in thirty days, or is too flat to say. */
export type CureTimes = { readonly [What in CureTime]?: number | undefined };

const minutes = (hours: number | undefined): number | undefined =>
  hours === undefined ? undefined : hours * 60;

/**
 * The times of a layer as its plan tells them.
 * @param peakMin of its clock: a plan keeps none
 */
export const timesOfCure = (cure: LayerCure, peakMin: number | undefined): CureTimes => ({
  gel: minutes(cure.gelH),
  peak: peakMin,
  stickyFrom: minutes(cure.stickyH.from),
  stickyTo: minutes(cure.stickyH.to),
  tackFree: minutes(cure.tackFreeH),
  demould: minutes(cure.demouldH),
  keepsShape: minutes(cure.keepsShapeH),
  hard: minutes(cure.hardH),
});

/** The times of a layer as a run tells them. */
export const timesOfRun = (layer: LayerHeat): CureTimes => ({
  gel: minutes(layer.gelH),
  peak: minutes(layer.peakH),
  stickyFrom: minutes(layer.recoatH.from),
  stickyTo: minutes(layer.recoatH.to),
  tackFree: minutes(layer.tackFreeH),
  demould: minutes(layer.demouldH),
  keepsShape: minutes(layer.keepsShapeH),
  hard: minutes(layer.hardH),
});

/** Something of each time. */
export const mapTimes = (of: (what: CureTime) => number | undefined): CureTimes =>
  Object.fromEntries(cureTimes.map((what) => [what, of(what)]));

/**
 * Times of a plan, moved as far as a run moves from what it expected: nothing measured otherwise, the plan's own figures.
 */
export const movedTimes = (
  planned: CureTimes,
  expected: CureTimes,
  corrected: CureTimes,
): CureTimes =>
  mapTimes((what) => {
    const [plan, before, after] = [planned[what], expected[what], corrected[what]];
    // What a run has at once tells of no ratio.
    return plan === undefined || before === undefined || after === undefined || before === 0
      ? after
      : (plan * after) / before;
  });
