import { followJob, heatCaseOf } from '../plan/heat/heatOfPlan';
import { heatViewOf } from '../plan/heat/heatView';
import { momentsOf } from '../plan/heat/momentsOf';
import type { ResolvedJob } from '../job/resolveJob';
import type { Plan, Shelf } from '../plan/planTypes';

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

/**
 * The curve that readings of a pour are held against.
 * @returns undefined where no model follows it
 * @throws InputError those of `heatCaseOf` and `followJob`
 */
export function heatCurveOf(
  resolved: ResolvedJob,
  plan: Plan,
  index: number,
  shelf?: Shelf,
): HeatCurve | undefined {
  const given = heatCaseOf(resolved, plan, index, shelf);
  if (!given.told) return undefined;
  const view = heatViewOf(given, followJob(given, { ranges: false }));
  const layerAtMin = momentsOf(plan.pours[index]!.layers.map(({ joint }) => joint)).map(
    ({ atMin }) => atMin,
  );
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
