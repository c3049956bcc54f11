import type { PlannedBatch, PourPlan } from '../plan/planTypes';
import { pourOf, type BenchCopy } from './benchCopy';
import type { BenchState } from './benchState';

/** What a newer plan says otherwise of a pour that was begun. */
export type PlanDifference =
  | { readonly code: 'resin'; readonly from: string; readonly to: string }
  | { readonly code: 'layers'; readonly from: number; readonly to: number }
  | {
      readonly code: 'batch';
      readonly layer: number;
      readonly from: Pick<PlannedBatch, 'count' | 'onScale'>;
      readonly to: Pick<PlannedBatch, 'count' | 'onScale'>;
    }
  | { readonly code: 'batch-new' | 'batch-gone'; readonly layer: number };

/** Less than this is no other figure, g. */
const sameG = 0.05;

const isSame = (one: PlannedBatch, other: PlannedBatch): boolean =>
  one.count === other.count &&
  Math.abs(one.onScale.aG - other.onScale.aG) < sameG &&
  Math.abs(one.onScale.bG - other.onScale.bG) < sameG;

/** @param before the plan that the pour was begun with */
export function planDifference(before: PourPlan, after: PourPlan): readonly PlanDifference[] {
  const differences: PlanDifference[] = [];
  if (before.resin.name !== after.resin.name) {
    differences.push({ code: 'resin', from: before.resin.name, to: after.resin.name });
  }
  if (before.layers.length !== after.layers.length) {
    differences.push({ code: 'layers', from: before.layers.length, to: after.layers.length });
  }
  for (const from of before.batches) {
    const to = after.batches.find(({ id }) => id === from.id);
    if (to === undefined) differences.push({ code: 'batch-gone', layer: from.layer });
    else if (!isSame(from, to)) differences.push({ code: 'batch', layer: from.layer, from, to });
  }
  for (const { id, layer } of after.batches) {
    if (before.batches.every((each) => each.id !== id)) {
      differences.push({ code: 'batch-new', layer });
    }
  }
  return differences;
}

/**
 * The copy to go on with when the newer plan is taken: layers that are begun stay as they were.
 * @returns undefined where that cannot be: another resin, or no layer is left that was not begun
 */
export function takenOver(
  before: BenchCopy,
  after: BenchCopy,
  { layers }: Pick<BenchState, 'layers'>,
): BenchCopy | undefined {
  const begun = layers.filter(({ begunAt }) => begunAt !== undefined).length;
  const [old, fresh] = [pourOf(before), pourOf(after)];
  if (begun > 0 && old.resin.name !== fresh.resin.name) return undefined;
  if (begun >= fresh.layers.length) return undefined;
  const isOld = ({ layer }: PlannedBatch): boolean => layer < begun;
  const pour: PourPlan = {
    ...fresh,
    layers: [...old.layers.slice(0, begun), ...fresh.layers.slice(begun)],
    batches: [...old.batches.filter(isOld), ...fresh.batches.filter((each) => !isOld(each))],
  };
  return {
    ...after,
    before: before.before,
    plan: {
      ...after.plan,
      pours: after.plan.pours.map((each, at) => (at === after.pour ? pour : each)),
    },
    layerTimes: [...before.layerTimes.slice(0, begun), ...after.layerTimes.slice(begun)],
  };
}
