import type { Job } from '../job';
import { allowancesOf, type SpreadAllowance } from '../measure/allowances/allowances';
import { overageOfKind } from '../measure/allowances/overage';
import { measureWhole, type MeasuredWhole } from '../measure/measureWhole';
import type { Reading } from '../measure/parts/reading';
import { readQuantity } from '../quantity/readQuantity';
import { overageRule } from '../quantity/rules';

/** What there is to fill and what is poured besides, before anything is said of layers and batches. */
export interface MeasuredPour {
  readonly whole: MeasuredWhole;
  readonly spread: readonly SpreadAllowance[];
  readonly overage: { readonly share: number; readonly rule: string };
  /** How much deeper the first and the last layer are poured than the finished piece. */
  readonly stock: { readonly topMm: number; readonly bottomMm: number };
}

/** The overage that was typed, or the one that goes with the kind of job. */
function overageOf(job: Job): MeasuredPour['overage'] {
  if (job.overage !== undefined) {
    return { share: readQuantity(job.overage, overageRule).value, rule: 'overage-as-typed' };
  }
  const { seepage, soak } = job.allowances ?? {};
  const apart = [seepage, soak].some((each) => each !== undefined && each.off !== true);
  const kind = job.kind ?? 'general';
  return { share: overageOfKind(kind, apart), rule: `overage-${kind}` };
}

/**
 * Measures a job.
 * @param measure with the moulds that count for it, see `withCards`
 * @throws InputError those of `measureWhole` and `allowancesOf`
 */
export function measurePour(job: Job, measure: Job['measure'], reading: Reading): MeasuredPour {
  const whole = measureWhole(measure, reading);
  const overage = overageOf(job);
  const spread = allowancesOf(job.allowances, overage.share, whole);
  const planing = spread.find(({ code, on }) => code === 'planing' && on);
  return {
    whole,
    spread,
    overage,
    stock: {
      topMm: Number(planing?.data['topMm'] ?? 0),
      bottomMm: Number(planing?.data['bottomMm'] ?? 0),
    },
  };
}
