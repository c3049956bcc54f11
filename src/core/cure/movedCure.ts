import { number, object, array, type InferType } from 'yup';
import type { PlannedLayer } from '../plan/planTypes';
import type { CureCase } from './cureCase';
import { mapTimes, movedTimes, timesOfCure, type CureTimes } from './cureTimes';
import { paceOf } from './pace';
import type { CureWatch } from './watchCure';

const minutes = () => number().min(0).max(1e7).optional();

/** What was made of a pour by what was measured of it: its clocks as they stand from then on. */
export const movedCureSchema = object({
  /** Of the latest observation that it follows from, ms. */
  of: number().integer().min(0).required(),
  rate: number().moreThan(0).max(1000).required(),
  film: number().moreThan(0).max(1000).required(),
  overK: number().min(-1000).max(1000).optional(),
  aheadMin: number().min(-1e7).max(1e7).optional(),
  /** Times as in `CureTimes`. */
  layers: array()
    .of(
      object({
        peakC: number().min(-100).max(1000).optional(),
        gel: minutes(),
        peak: minutes(),
        stickyFrom: minutes(),
        stickyTo: minutes(),
        tackFree: minutes(),
        demould: minutes(),
        keepsShape: minutes(),
        hard: minutes(),
      }).noUnknown(),
    )
    .max(200)
    .defined(),
}).noUnknown();

export type MovedCure = InferType<typeof movedCureSchema>;

/** The times of a layer as its plan has them; undefined where no model follows it. */
export const plannedTimes = (
  { cure }: Pick<PlannedLayer, 'cure'>,
  peakMin: number | undefined,
): CureTimes | undefined => cure && timesOfCure(cure, peakMin);

/**
 * What a watch makes of the layers of a plan.
 * @param peaks as the plan has them
 * @param of the latest observation, ms
 */
export function movedCureOf(
  { rate, film, expected, corrected, overK, aheadMin }: CureWatch,
  layers: readonly Pick<PlannedLayer, 'cure'>[],
  peaks: CureCase['layers'],
  of: number,
): MovedCure {
  return {
    of,
    rate,
    film,
    overK,
    aheadMin,
    layers: corrected.map((layer, at) => {
      const planned = plannedTimes(layers[at]!, peaks[at]?.peakMin);
      const peakC = peaks[at]?.peakC;
      return {
        ...(planned === undefined
          ? layer.times
          : movedTimes(planned, expected[at]!.times, layer.times)),
        peakC: peakC === undefined ? layer.peakC : peakC + layer.peakC - expected[at]!.peakC,
      };
    }),
  };
}

/** How much longer each time of a layer takes than planned: 1 where nothing tells. */
export function factorsOf(planned: CureTimes, now: CureTimes): CureTimes {
  return mapTimes((what) => {
    const [before, after] = [planned[what], now[what]];
    return before === undefined || after === undefined || before === 0 ? 1 : after / before;
  });
}

/** When a layer that runs hot peaks, min after it was begun; undefined for one that does not. */
export const hotPeakOf = (moved: MovedCure, layer: number): number | undefined =>
  paceOf(moved, undefined) === 'hot' ? moved.layers[layer]?.peak : undefined;
