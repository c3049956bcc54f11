import type { OverageRuleName } from '../codes/reasonCodes';
import type { Allowance } from '../measure/allowances/allowances';
import type { MeasuredWhole } from '../measure/measureWhole';
import { usualLabelC, type ReadResin } from '../resin/readResin';
import type { PlannedBatch, PlannedLayer, PourPlan, Reason } from './planTypes';

/** How many batches there are in all groups. */
export const countOf = (batches: readonly PlannedBatch[]): number =>
  batches.reduce((sum, { count }) => sum + count, 0);

/** What decided the batches, of those that several mixtures may have: the one that binds most. */
const bindingFirst = ['asked', 'least-batch', 'pot-life', 'container', 'no-container'] as const;

/** Why a batch lasts as long as it does. */
function potLifeReason({
  resin: { potLife },
  working,
  layers,
  batches,
}: {
  readonly resin: ReadResin;
  readonly working: PourPlan['working'];
  readonly layers: readonly PlannedLayer[];
  readonly batches: readonly PlannedBatch[];
}): readonly Reason[] {
  if (working.by === 'nothing') return [];
  const data = {
    potLifeMin: working.potLifeMin,
    labelMin: potLife?.timeMin,
    labelC: potLife?.temperatureC ?? usualLabelC,
    labelG: potLife?.massG,
    stirMin: working.stirMin,
    stirAssumed: working.stirAssumed,
    pourAssumed: working.pourAssumed,
    pourMlPerMin: working.pourMlPerMin,
    workingMin: working.longestMin,
    keptBack: working.keptBack,
  };
  if (working.by === 'halving') return [{ figure: 'potLife', rule: 'pot-life-in-room', data }];
  const first = batches.reduce((soonest, each) =>
    (each.bucket.pourableMin ?? Infinity) < (soonest.bucket.pourableMin ?? Infinity)
      ? each
      : soonest,
  );
  const { g, fillers = [], bucket, layer } = first;
  const at = layers[layer]!.mixedAt;
  const more = {
    batchG: fillers.reduce((sum, filler) => sum + filler.g, g),
    resinC: at.resinC,
    roomC: at.roomC,
    hotMin: bucket.hotMin ?? undefined,
  };
  return [{ figure: 'potLife', rule: 'pot-life-in-bucket', data: { ...data, ...more } }];
}

/** Why each figure of a plan is what it is: the rule and the inputs that went in. */
export function reasons(figures: {
  readonly overage: { readonly share: number; readonly rule: OverageRuleName };
  readonly allowances: readonly Allowance[];
  readonly resin: ReadResin;
  readonly stepG: number;
  readonly whole: MeasuredWhole;
  readonly layers: readonly PlannedLayer[];
  readonly batches: readonly PlannedBatch[];
  readonly cut: PourPlan['cut'];
  readonly working: PourPlan['working'];
  readonly stock: { readonly topMm: number; readonly bottomMm: number };
}): readonly Reason[] {
  const { overage, allowances, resin, stepG, whole, layers, batches, cut, stock } = figures;
  const others = allowances.filter(({ code, on }) => on && code !== 'overage');
  const rule = bindingFirst.find((each) => batches.some((batch) => batch.rule === each));
  const bound = batches.find((batch) => batch.rule === rule);
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
        surplusMl: batches.reduce((sum, { surplusMl, count }) => sum + surplusMl * count, 0),
      },
    },
    {
      figure: 'ratio',
      rule: resin.ratio === undefined ? 'one-part' : `stated-by-${resin.statedBy}`,
      data: {
        densityAGPerMl: resin.densityAGPerMl,
        densityBGPerMl: resin.densityBGPerMl,
        assumed: [resin.densityFrom.a, resin.densityFrom.b].some((from) => from !== 'card'),
      },
    },
    {
      figure: 'layers',
      rule: `layers-${cut.style}`,
      data: {
        count: layers.length,
        depthMm: whole.depthMm && whole.depthMm + stock.topMm + stock.bottomMm,
        takesMm: cut.takesMm,
        leastMm: cut.leastMm,
        labelMm: cut.labelMm,
        caution: cut.caution,
        from: cut.from,
      },
    },
    {
      figure: 'batches',
      rule: rule ?? 'no-container',
      data: {
        count: countOf(batches),
        layers: layers.length,
        colours: new Set(batches.map(({ colour }) => colour)).size,
        limitMl: bound?.limitMl,
        capacityMl: bound?.container?.capacityMl,
        fill: bound?.container?.fill,
        leastMl: resin.leastBatchMl,
      },
    },
    ...potLifeReason(figures),
    { figure: 'scale', rule: 'a-up-b-in-ratio', data: { stepG } },
  ];
}
