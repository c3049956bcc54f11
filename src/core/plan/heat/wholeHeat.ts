import type { ResolvedJob } from '../../job/resolveJob';
import type { LayerJoint } from '../../layers/jointOf';
import type { Plan, Shelf } from '../planTypes';
import { adviseHeat, type HeatAdvice } from './adviseHeat';
import { bucketOf, type JobBucket } from './bucketOf';
import {
  followJob,
  heatCaseOf,
  type HeatCaseOfJob,
  type HeatPlan,
  type NoHeat,
} from './heatOfPlan';
import { layerClock } from './layerClock';
import { resinTypedC } from './roomOf';
import { warmEnough, type WarmEnough } from './warmEnough';

/** All that is known of the heat of a pour: what the heat step shows, as the command prints it. */
export type WholeHeat = (HeatPlan | NoHeat) & {
  /** The batch that goes off first, in its cup. */
  readonly bucket: JobBucket | undefined;
  /** How and when a second layer follows: the planned one, or one as deep as the only one. */
  readonly secondLayer?: LayerJoint | undefined;
  readonly advice?: readonly HeatAdvice[];
  /** What would make it hard; undefined where its own room does. */
  readonly warmEnough?: WarmEnough | undefined;
};

/** A layer is poured on after half a day where the model gives no moment for it, h. */
const usualGapH = 12;

/** From when on a layer may be poured on, h: what advice on one more layer goes by. */
export const gapOf = ({ layers: [layer] }: HeatPlan): number =>
  layer?.recoatH.from ?? layer?.gelAllH ?? usualGapH;

/** Whether a pour does not get hard in its room, so that it is worth asking what would. */
export const staysSoft = ({ layers }: HeatPlan): boolean =>
  layers.some(({ hardH }) => hardH === undefined);

function secondLayerOf(
  given: HeatCaseOfJob,
  { pours }: ResolvedJob,
  plan: Plan,
  index: number,
): LayerJoint | undefined {
  const planned = plan.pours[index]!.layers[1]?.joint;
  if (planned !== undefined) return planned;
  const [first] = given.setting.layers;
  if (first === undefined) return undefined;
  const { said, resin } = pours[index]!;
  const { pouredS: _, resinC: __, ...body } = first;
  const place = { ...given, resinTypedC: resinTypedC(said) };
  const roomC = plan.pours[index]!.roomTemperatureC;
  return layerClock(place, [body, body], 2, said.layers?.joint, resin, roomC).joints[1];
}

/**
 * The heat of one pour with its ranges, its bucket, a second layer, what would cool it and what would make it hard.
 * @param index counted from 0
 * @throws InputError those of `heatCaseOf` and `followJob`
 */
export function wholeHeat(
  resolved: ResolvedJob,
  plan: Plan,
  index: number,
  shelf?: Shelf,
): WholeHeat {
  const bucket = bucketOf(resolved.pours[index]!, plan.pours[index]!, shelf?.calibrations);
  const given = heatCaseOf(resolved, plan, index, shelf);
  if (!given.told) return { ...given, bucket };
  const heat = followJob(given, { ranges: true }).plan;
  return {
    ...heat,
    bucket,
    secondLayer: secondLayerOf(given, resolved, plan, index),
    advice: adviseHeat(given, gapOf(heat), [], shelf?.calibrations),
    warmEnough: staysSoft(heat) ? warmEnough(given) : undefined,
  };
}
