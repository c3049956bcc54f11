import type { Job } from '../job';
import type { MeasuredWhole } from '../measure/measureParts';
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
    readonly overage: number;
    readonly resin: ReadResin;
    readonly stepG: number;
    readonly whole: MeasuredWhole;
    readonly layers: readonly PlannedLayer[];
    readonly batches: readonly PlannedBatch[];
  },
): readonly Reason[] {
  const { card, limitMl, container, overage, resin, stepG, whole, layers, batches } = figures;
  const batchRule =
    job.batches !== undefined ? 'asked' : limitMl === undefined ? 'no-container' : 'container';
  return [
    { figure: 'cavityMl', rule: 'sum-of-parts', data: { parts: whole.parts.length } },
    { figure: 'totalMl', rule: 'overage', data: { cavityMl: whole.cavityMl, overage } },
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
