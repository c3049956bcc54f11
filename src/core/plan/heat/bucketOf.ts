import { bucketHeat, greatestBatchG, largestBatchG, type BucketHeat } from '../../thermal/bucket';
import { workingMin } from '../../mix/working';
import type { PourPlan } from '../planTypes';
import type { HeatCaseOfJob } from './heatOfPlan';
import { familyOf } from '../../resin/families';

/** The largest batch in its cup, against the label. */
export interface JobBucket extends BucketHeat {
  readonly massG: number;
  readonly resinC: number;
  /** What mixing and pouring it takes. */
  readonly workingMin: number;
  /** The label's, for its own mass and temperature. */
  readonly labelMin: number | undefined;
  /** A third is kept back of fast resins over half a kilogram: there the model is weak. */
  readonly margin: number;
  /** The largest batch that leaves time to pour, g; undefined where none does. */
  readonly largestG: number | undefined;
  /** Not even the largest that was tried is too large. */
  readonly anyBatch: boolean;
}

const marginFromG = 500;
const fastMargin = 1 / 3;

/** How the job's largest batch fares in the bucket. */
export function bucketOf(given: HeatCaseOfJob, plan: PourPlan): JobBucket | undefined {
  const { setting, curing, family } = given;
  const massG = Math.max(...plan.batches.map(({ g }) => g));
  if (!(massG > 0)) return undefined;
  const roomC = setting.room.meanC;
  const isFast = familyOf(family).fast;
  const margin = isFast && massG > marginFromG ? fastMargin : 0;
  const perMl = plan.resin.mixedDensityGPerMl;
  const needed = (g: number): number => workingMin(g / perMl, plan.working);
  const largestG = largestBatchG(
    curing,
    (g) => needed(g) / (1 - (isFast && g > marginFromG ? fastMargin : 0)),
    setting.resinC,
    roomC,
  );
  return {
    ...bucketHeat(curing, massG, setting.resinC, roomC),
    massG,
    resinC: setting.resinC,
    workingMin: needed(massG),
    labelMin: plan.working.labelMin,
    margin,
    largestG,
    anyBatch: largestG === greatestBatchG,
  };
}
