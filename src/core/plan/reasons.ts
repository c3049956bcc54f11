import type { OverageRuleName } from '../codes/reasonCodes';
import type { JobPour } from '../job/jobPour';
import type { Allowance } from '../measure/allowances/allowances';
import type { MeasuredWhole } from '../measure/measureWhole';
import type { Working } from '../mix/working';
import type { ReadResin } from '../resin/readResin';
import type { PlannedBatch, PlannedLayer, PourPlan, Reason } from './planTypes';

/** How many batches there are in all groups. */
export const countOf = (batches: readonly PlannedBatch[]): number =>
  batches.reduce((sum, { count }) => sum + count, 0);

/** What decided the batches, of those that several mixtures may have: the one that binds most. */
const bindingFirst = ['asked', 'least-batch', 'pot-life', 'container', 'no-container'] as const;

/** Why each figure of a plan is what it is: the rule and the inputs that went in. */
export function reasons(
  job: JobPour,
  figures: {
    readonly overage: { readonly share: number; readonly rule: OverageRuleName };
    readonly allowances: readonly Allowance[];
    readonly resin: ReadResin;
    readonly stepG: number;
    readonly whole: MeasuredWhole;
    readonly layers: readonly PlannedLayer[];
    readonly batches: readonly PlannedBatch[];
    readonly cut: PourPlan['cut'];
    readonly working: Working;
    readonly stock: { readonly topMm: number; readonly bottomMm: number };
  },
): readonly Reason[] {
  const { overage, allowances, resin, stepG, whole, layers, batches, cut, working, stock } =
    figures;
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
    ...(working.potLifeMin === undefined || resin.potLife === undefined
      ? []
      : [
          {
            figure: 'potLife',
            rule: 'pot-life-in-room',
            data: {
              potLifeMin: working.potLifeMin,
              labelMin: resin.potLife.timeMin,
              labelC: resin.potLife.temperatureC,
              labelG: resin.potLife.massG,
              stirMin: working.stirMin,
              stirAssumed: working.stirAssumed,
              pourAssumed: working.pourAssumed,
              pourMlPerMin: working.pourMlPerMin,
              workingMin: Math.max(...batches.map(({ workingMin }) => workingMin)),
            },
          } as const,
        ]),
    { figure: 'scale', rule: 'a-up-b-in-ratio', data: { stepG } },
  ];
}
