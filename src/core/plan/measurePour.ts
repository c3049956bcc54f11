import type { OverageRuleName } from '../codes/reasonCodes';
import type { JobPour } from '../job/jobPour';
import { allowancesOf, type Scrap, type SpreadAllowance } from '../measure/allowances/allowances';
import type { MouldBox } from '../mouldBox/mouldBox';
import { overageOfKind } from '../measure/allowances/overage';
import type { MeasuredWhole } from '../measure/measureWhole';
import { readQuantity } from '../quantity/readQuantity';
import { overageRule } from '../quantity/rules';

/** What there is to fill and what is poured besides, before anything is said of layers and batches. */
export interface MeasuredPour {
  readonly whole: MeasuredWhole;
  readonly spread: readonly SpreadAllowance[];
  readonly overage: { readonly share: number; readonly rule: OverageRuleName };
  /** How much deeper the first and the last layer are poured than the finished piece. */
  readonly stock: { readonly topMm: number; readonly bottomMm: number };
}

/** The overage that was typed, or the one that goes with the kind of job. */
function overageOf(job: JobPour): MeasuredPour['overage'] {
  if (job.overage !== undefined) {
    return { share: readQuantity(job.overage, overageRule).value, rule: 'overage-as-typed' };
  }
  const { seepage, soak } = job.allowances ?? {};
  const apart = [seepage, soak].some((each) => each !== undefined && each.off !== true);
  const kind = job.kind ?? 'general';
  return { share: overageOfKind(kind, apart), rule: `overage-${kind}` };
}

/** What sets in spout and vents with every casting; undefined where there are none. */
function scrapOf({ spout, vents, pieces }: MouldBox, { parts }: MeasuredWhole): Scrap | undefined {
  const eachMl = ((spout?.ml ?? 0) + (vents?.ml ?? 0)) / pieces;
  const castings = parts.reduce((sum, { count }) => sum + count, 0);
  return eachMl > 0 ? { eachMl, castings } : undefined;
}

/**
 * What is poured besides what there is to fill.
 * @param whole what the pour fills or covers
 * @param castIn the mould of the same job that it is cast in
 * @throws InputError those of `allowancesOf`
 */
export function measurePour(job: JobPour, whole: MeasuredWhole, castIn?: MouldBox): MeasuredPour {
  const overage = overageOf(job);
  const spread = allowancesOf(
    job.allowances,
    overage.share,
    whole,
    castIn && scrapOf(castIn, whole),
  );
  const planed = spread.find((each) => each.code === 'planing' && each.on);
  return {
    whole,
    spread,
    overage,
    stock: planed?.code === 'planing' ? planed.data : { topMm: 0, bottomMm: 0 },
  };
}
