import type { FollowedHeat, HeatCaseOfJob } from '../plan/heat/heatOfPlan';
import { heatViewOf } from '../plan/heat/heatView';
import { momentsOf } from '../plan/heat/momentsOf';
import type { PourPlan } from '../plan/planTypes';

/** How warm a pour is predicted to be, from when it was begun; as many of each. */
export interface HeatCurve {
  readonly atMin: readonly number[];
  readonly coreC: readonly number[];
  readonly surfaceC: readonly number[];
  /** When each layer is planned to be poured, min. */
  readonly layerAtMin: readonly number[];
}

/** A picture of a few inches shows no more points. */
const mostPoints = 120;
/** What is looked at on the bench is over by then, min after the last layer. */
const followedMin = 36 * 60;

/** The curve that readings of a pour are held against. */
export function heatCurveOf(
  given: HeatCaseOfJob,
  found: FollowedHeat,
  { layers }: Pick<PourPlan, 'layers'>,
): HeatCurve {
  const view = heatViewOf(given, found);
  const layerAtMin = momentsOf(layers.map(({ joint }) => joint)).map(({ atMin }) => atMin);
  const untilMin = (layerAtMin.at(-1) ?? 0) + followedMin;
  const frames = [...view.timesH.keys()].filter((at) => view.timesH[at]! * 60 <= untilMin);
  const every = Math.max(1, Math.ceil(frames.length / mostPoints));
  const kept = frames.filter(
    (at, place) =>
      (place % every === 0 || at === frames.at(-1)) && Number.isFinite(view.coreC[at]!),
  );
  return {
    atMin: kept.map((at) => view.timesH[at]! * 60),
    coreC: kept.map((at) => view.coreC[at]!),
    surfaceC: kept.map((at) => view.surfaceC[at]!),
    layerAtMin,
  };
}
