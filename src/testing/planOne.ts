import { jobSchemaVersion1, type Job, type JobVersion1 } from '../core/job/jobSchema';
import { asVersion1 } from '../core/job/readJob';
import { upgradeWithinVersion, upgradeJob } from '../core/upgrades/upgradeJob';
import { chooseResin } from '../core/plan/choose/chooseResin';
import { followJob, heatCaseOfJob } from '../core/plan/heat/heatOfPlan';
import { planJob } from '../core/plan/planJob';
import type { Plan, PlannedBatch, PourPlan, Shelf, Warning } from '../core/plan/planTypes';
import { checkedOrThrow } from '../core/schema/check';
import type { Buying } from '../core/stock/buying';

/** A job of one pour as version 1 says it: pour and job in one, which is what a test of one pour wants to change. */
export type OneJob = JobVersion1;

/** @throws InputError for the first thing that is wrong */
export const readOne = (value: unknown): OneJob =>
  checkedOrThrow(jobSchemaVersion1, upgradeWithinVersion(value));

/** The same job as everything but a test says it. */
export const asJob = (job: OneJob | Job): Job => ('pours' in job ? job : upgradeJob(job));

/** The plan of a job of one pour as it is printed: each batch by itself, what to buy beside it, warnings without a pour. */
export interface PlanOfOne extends PourPlan {
  readonly buying: Buying;
  readonly heightCurve: NonNullable<Plan['form']>['heightCurve'];
  readonly whole: Plan;
}

const each = (batches: readonly PlannedBatch[]): PlannedBatch[] =>
  batches.flatMap((batch) => Array.from({ length: batch.count }, () => batch));

const bare = ({ code, severity, data }: Warning) => ({ code, severity, data }) as Warning;

/** Plans a job of one pour; its problems are told as version 1 told them. */
export function planOne(job: OneJob | Job, shelf?: Shelf, today?: string): PlanOfOne {
  const whole = asVersion1(() => planJob(asJob(job), shelf, today));
  const [pour] = whole.pours;
  const [bought] = whole.buying;
  if (pour === undefined || bought === undefined) throw new RangeError('a job has a pour');
  return {
    ...pour,
    name: whole.name,
    batches: each(pour.batches),
    layers: pour.layers.map((layer) => ({ ...layer, batches: each(layer.batches) })),
    buying: bought.buying,
    warnings: whole.warnings.map(bare),
    heightCurve: whole.form?.heightCurve ?? [],
    whole,
  };
}

/** The heat of the one pour. */
export const heatCaseOfOne = (job: OneJob | Job, plan: PlanOfOne, shelf?: Shelf) =>
  asVersion1(() => heatCaseOfJob(asJob(job), plan.whole, 0, shelf));
export function heatOfOne(job: OneJob | Job, plan: PlanOfOne, shelf?: Shelf) {
  const given = heatCaseOfOne(job, plan, shelf);
  return given.told ? followJob(given, { ranges: true }).plan : given;
}

export const chooseForOne = (job: OneJob | Job, shelf: Shelf, today?: string) =>
  chooseResin(asJob(job), 0, shelf, today);
