import type { Job } from '../job';
import { splitAtHeights, type LayerVolume } from '../layers/splitAtHeights';
import {
  allowancesOf,
  residueOfBatchMl,
  spreadOver,
  type Allowance,
  type SpreadAllowance,
} from '../measure/allowances/allowances';
import { overageOfKind } from '../measure/allowances/overage';
import { heightCurve, measureWhole } from '../measure/measureWhole';
import { amountsOf } from '../mix/amounts';
import { batchCount } from '../mix/batches';
import { onScale } from '../mix/onScale';
import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import {
  fillRule,
  lengthRule,
  overageRule,
  roomTemperatureRule,
  volumeRule,
} from '../quantity/rules';
import { inUnit } from '../quantity/units';
import { readResin } from '../resin/readResin';
import { withCards } from './fromShelf';
import type { Plan, PlannedBatch, PlannedLayer, Shelf } from './planTypes';
import { readingOf } from './readingOf';
import { reasons } from './reasons';
import { batchWarnings, depthWarnings, measureWarnings } from './warnings';

/** The overage that was typed, or the one that goes with the kind of job. */
function overageOf(job: Job): { readonly share: number; readonly rule: string } {
  if (job.overage !== undefined) {
    return { share: readQuantity(job.overage, overageRule).value, rule: 'overage-as-typed' };
  }
  const { seepage, soak } = job.allowances ?? {};
  const apart = [seepage, soak].some((each) => each !== undefined && each.off !== true);
  const kind = job.kind ?? 'general';
  return { share: overageOfKind(kind, apart), rule: `overage-${kind}` };
}

/** What each layer takes: its cavity and what of the allowances falls on it, residue in cups left aside. */
function pouredByLayer(
  layers: readonly LayerVolume[],
  allowances: readonly SpreadAllowance[],
): readonly number[] {
  const shapes = layers.map(({ cavityMl, fromMm, toMm }) => ({
    cavityMl,
    heightMm: (toMm ?? 0) - (fromMm ?? 0),
  }));
  const shares = allowances.filter(({ on }) => on).map((each) => spreadOver(each, shapes));
  return layers.map(({ cavityMl }, index) =>
    shares.reduce((sum, share) => sum + (share[index] ?? 0), cavityMl),
  );
}

interface SplitLayer {
  readonly count: number;
  /** What is mixed for one batch, residue included. */
  readonly batchMl: number;
  readonly residue: ReturnType<typeof residueOfBatchMl>;
}

/** Equal batches for what one layer takes; what stays in each cup is mixed on top. */
function batchesOfLayer(
  pouredMl: number,
  {
    job,
    limitMl,
    capacityMl,
  }: {
    readonly job: Job;
    readonly limitMl: number | undefined;
    readonly capacityMl: number | undefined;
  },
): SplitLayer {
  const residue = residueOfBatchMl(job.allowances?.residue, capacityMl ?? pouredMl);
  const staysMl = residue?.on === true ? residue.ml : 0;
  if (limitMl !== undefined && staysMl >= limitMl) {
    throw new InputError(
      'residue-fills-cup',
      job.allowances?.residue?.perBatch,
      { staysMl, limitMl },
      'allowances.residue.perBatch',
    );
  }
  const count =
    job.batches ?? (limitMl === undefined ? 1 : batchCount(pouredMl, limitMl - staysMl));
  return { count, batchMl: pouredMl / count + staysMl, residue };
}

/** How much deeper the first and the last layer are poured than the finished piece. */
function stockOf(allowances: readonly SpreadAllowance[]): {
  readonly topMm: number;
  readonly bottomMm: number;
} {
  const planing = allowances.find(({ code, on }) => code === 'planing' && on);
  return {
    topMm: Number(planing?.data['topMm'] ?? 0),
    bottomMm: Number(planing?.data['bottomMm'] ?? 0),
  };
}

/**
 * The one way from what a person said to what they should do.
 * @param job as checked by `checkJob` or `readJob`
 * @param shelf what is at hand; a card in it stands over the job's own copy of the same `id`.
 *   Leave it out where there is no shelf to look at, as for a file.
 * @throws InputError where figures that are right each by itself cannot go together
 *   (`container-too-small`, `no-height`, `heights-not-rising`, `height-above-top`, `residue-fills-cup`, and those of
 *   `measureWhole` and `allowancesOf`)
 */
export function planJob(job: Job, shelf?: Shelf): Plan {
  const { resin: card, measure, warnings: shelfWarnings } = withCards(job, shelf);
  const resin = readResin(card);
  const { share: overage, rule: overageWhy } = overageOf(job);
  const reading = readingOf(job, resin);
  const stepG = reading.scaleStepG;
  const container = job.container && {
    capacityMl: readQuantity(job.container.capacity, volumeRule).value,
    fill: readQuantity(job.container.fill, fillRule).value,
  };

  const whole = measureWhole(measure, reading);
  const heightsMm = (job.layers?.heights ?? []).map(
    (height) => readQuantity(height, lengthRule).value,
  );
  const cut = splitAtHeights(whole, heightsMm);
  const spread = allowancesOf(job.allowances, overage, whole);
  const pouredMl = pouredByLayer(cut, spread);

  const limitMl = container && container.capacityMl * container.fill;
  const split = pouredMl.map((ml) =>
    batchesOfLayer(ml, { job, limitMl, capacityMl: container?.capacityMl }),
  );
  const layers = cut.map((layer, index): PlannedLayer => ({
    ...layer,
    ...amountsOf((split[index]?.batchMl ?? 0) * (split[index]?.count ?? 0), resin),
  }));
  const batches = split.flatMap(({ count, batchMl }, index): PlannedBatch[] => {
    const amounts = amountsOf(batchMl, resin);
    const batch = {
      ...amounts,
      layer: index,
      onScale: onScale(amounts.a.g, resin.ratio.massAPerB, stepG),
    };
    return Array.from({ length: count }, () => batch);
  });
  const residues = split.flatMap(({ residue, count }) =>
    residue === undefined ? [] : [{ ...residue, ml: residue.ml * count }],
  );
  const [residue] = residues;
  const allowances: Allowance[] = [
    ...spread.map(({ code, on, ml, data }) => ({ code, on, ml, data })),
    ...(residue === undefined
      ? []
      : [
          {
            code: 'residue' as const,
            on: residue.on,
            ml: residues.reduce((sum, { ml }) => sum + ml, 0),
            data: { ...residue.data, batches: batches.length },
          },
        ]),
  ];
  const total = amountsOf(
    layers.reduce((sum, { ml }) => sum + ml, 0),
    resin,
  );

  return {
    name: job.name,
    roomTemperatureC: readQuantity(job.room.temperature, roomTemperatureRule).value,
    parts: whole.parts,
    inserts: whole.inserts,
    depthMm: whole.depthMm,
    cavityMl: whole.cavityMl,
    cavityPlusMinusMl: whole.plusMinusMl,
    cavityErrs: whole.errs,
    heightCurve: heightCurve(whole, heightsMm),
    allowances,
    cavityUsFlOz: inUnit(whole.cavityMl, 'US fl oz'),
    cavityImperialFlOz: inUnit(whole.cavityMl, 'imp fl oz'),
    totalMl: total.ml,
    totalG: total.g,
    a: total.a,
    b: total.b,
    resin: {
      name: card.name,
      family: card.family,
      statedBy: card.ratio.by,
      ratio: resin.ratio,
    },
    layers,
    batches,
    why: reasons(job, {
      card,
      limitMl,
      container,
      overage: { share: overage, rule: overageWhy },
      allowances,
      resin,
      stepG,
      whole,
      layers,
      batches,
    }),
    warnings: [
      ...shelfWarnings,
      ...measureWarnings(whole),
      ...depthWarnings(layers, resin.greatestDepthMm, card.name, stockOf(spread)),
      ...batchWarnings(batches, limitMl),
    ],
  };
}
