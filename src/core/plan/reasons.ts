import type { Job } from '../job';
import type { Allowance } from '../measure/allowances/allowances';
import type { MeasuredWhole } from '../measure/measureWhole';
import type { ReadResin } from '../resin/readResin';
import type { Resin } from '../resin/resinSchema';
import type { PlannedBatch, PlannedLayer, Reason } from './planTypes';

/** Why each figure of a plan is what it is: the rule and the inputs that went in. */
export function reasons(
  job: Job,
  figures: {
    /** The card that the amounts were worked out with, from the shelf or from the job. */
    readonly card: Resin;
    readonly limitMl: number | undefined;
    readonly container: { readonly capacityMl: number; readonly fill: number } | undefined;
    readonly overage: { readonly share: number; readonly rule: string };
    readonly allowances: readonly Allowance[];
    readonly resin: ReadResin;
    readonly stepG: number;
    readonly whole: MeasuredWhole;
    readonly layers: readonly PlannedLayer[];
    readonly batches: readonly PlannedBatch[];
  },
): readonly Reason[] {
  const { card, limitMl, container, overage, allowances, resin, stepG, whole, layers, batches } =
    figures;
  const others = allowances.filter(({ code, on }) => on && code !== 'overage');
  const batchRule =
    job.batches !== undefined ? 'asked' : limitMl === undefined ? 'no-container' : 'container';
  return [
    {
      figure: 'cavityMl',
      rule: 'sum-of-parts',
      data: { parts: whole.parts.length, inserts: whole.inserts.length },
    },
    { figure: 'overage', rule: overage.rule, data: { share: overage.share } },
    {
      figure: 'totalMl',
      rule: 'allowances',
      data: {
        cavityMl: whole.cavityMl,
        overage: overage.share,
        others: others.length,
        othersMl: others.reduce((sum, { ml }) => sum + ml, 0),
      },
    },
    {
      figure: 'ratio',
      rule: `stated-by-${card.ratio.by}`,
      data: { densityAGPerMl: resin.densityAGPerMl, densityBGPerMl: resin.densityBGPerMl },
    },
    {
      figure: 'batches',
      rule: batchRule,
      data: {
        count: batches.length,
        layers: layers.length,
        limitMl,
        capacityMl: container?.capacityMl,
        fill: container?.fill,
        largestLayerMl: Math.max(...layers.map(({ ml }) => ml)),
      },
    },
    { figure: 'scale', rule: 'a-up-b-in-ratio', data: { stepG } },
  ];
}
