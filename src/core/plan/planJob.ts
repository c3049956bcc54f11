import type { Job } from '../job';
import { jointOf } from '../layers/jointOf';
import { depthTaken, layerHeightsMm, styleOf } from '../layers/layerHeights';
import { splitAtHeights, type LayerVolume } from '../layers/splitAtHeights';
import { spreadOver, type Allowance, type SpreadAllowance } from '../measure/allowances/allowances';
import type { Mould } from '../measure/mould/mouldSchema';
import { heightCurve } from '../measure/measureWhole';
import { amountsOf } from '../mix/amounts';
import { containersOf } from '../mix/containers';
import { cupMarksOf } from '../mix/cupMarks';
import { pourableMl, workingOf } from '../mix/working';
import { readQuantity } from '../quantity/readQuantity';
import { roomTemperatureRule, volumeRule, waterTemperatureRule } from '../quantity/rules';
import { inUnit } from '../quantity/units';
import { doubtsOfCard } from '../resin/doubtsOfCard';
import { readResin, type ReadResin } from '../resin/readResin';
import type { Resin } from '../resin/resinSchema';
import { withHardener } from '../resin/withHardener';
import { buyingOf } from '../stock/buying';
import { withCards } from './fromShelf';
import type { KeptCalibrations } from './heat/calibrationOf';
import { heatDepthOf } from './heat/heatDepth';
import { leftoversOf } from './leftoversOf';
import { measurePour, type MeasuredPour } from './measurePour';
import { mixturesOf } from './mixtures';
import { mixLayers, planBatches, type MixedLayer } from './planBatches';
import { planTimes } from './planTimes';
import type { Plan, PlannedLayer, Shelf, Warning } from './planTypes';
import { readingOf } from './readingOf';
import { reasons } from './reasons';
import { tintOf } from './tintOf';
import * as warn from './warnings';

/** What of each allowance falls on each layer, ml; those that are off fall on none. */
function sharesByLayer(
  layers: readonly LayerVolume[],
  allowances: readonly SpreadAllowance[],
): readonly { readonly code: Allowance['code']; readonly ml: readonly number[] }[] {
  const shapes = layers.map(({ cavityMl, fromMm, toMm }) => ({
    cavityMl,
    heightMm: (toMm ?? 0) - (fromMm ?? 0),
  }));
  return allowances
    .filter(({ on }) => on)
    .map((each) => ({ code: each.code, ml: spreadOver(each, shapes) }));
}

/** The residue of all batches together, with the other allowances. */
function withResidue(
  spread: readonly SpreadAllowance[],
  mixed: readonly MixedLayer[],
): readonly Allowance[] {
  const others = spread.map(({ code, on, ml, data }) => ({ code, on, ml, data }));
  const residues = mixed.flatMap(({ split: { residue, count } }) =>
    residue === undefined ? [] : [{ ...residue, ml: residue.ml * count, count }],
  );
  const [first] = residues;
  if (first === undefined) return others;
  const ml = residues.reduce((sum, each) => sum + each.ml, 0);
  const batches = residues.reduce((sum, { count }) => sum + count, 0);
  return [...others, { code: 'residue', on: first.on, ml, data: { ...first.data, batches } }];
}

/** What a job is planned with, once its cards are found. */
export interface Pour {
  /** With its hardener. */
  readonly card: Resin;
  readonly resin: ReadResin;
  /** With the moulds that count. */
  readonly parts: Job['measure']['parts'];
  readonly measured: MeasuredPour;
  readonly kept: KeptCalibrations | undefined;
  readonly leftoverMoulds: readonly Mould[];
  /** What finding the cards gave cause to say. */
  readonly warnings: readonly Warning[];
  /** `2026-11-23`, for best-before dates. */
  readonly today: string | undefined;
}

/** A plan without what only a drawing of it needs: choosing makes hundreds of them. */
export type PouredPlan = Omit<Plan, 'heightCurve'>;

/**
 * From what was measured to layers, amounts, batches, colour and what to buy.
 * @throws InputError where figures that are right each by itself cannot go together: those of `layerHeightsMm`,
 *   `splitAtHeights`, `mixturesOf`, `tintOf`, `splitIntoBatches`, `pourableMl`, `leftoversOf`
 */
export function planPour(job: Job, pour: Pour): PouredPlan {
  const { card, resin, measured, today } = pour;
  const { whole, spread, overage, stock } = measured;
  const stepG = readingOf(job, resin).scaleStepG;
  const roomC = readQuantity(job.room.temperature, roomTemperatureRule).value;

  const heat = heatDepthOf(job, {
    parts: pour.parts,
    measured: whole.parts,
    family: card.family,
    resin,
    kept: pour.kept,
  });
  const taken = depthTaken(job.layers, resin, heat.mm);
  const heightsMm = layerHeightsMm(job.layers, whole.depthMm, taken, stock);
  const cut = splitAtHeights(whole, heightsMm);
  const shares = sharesByLayer(cut, spread);
  const pouredMl = cut.map(({ cavityMl }, layer) =>
    shares.reduce((sum, { ml }) => sum + (ml[layer] ?? 0), cavityMl),
  );

  const { mixtures, portions } = mixturesOf(job, {
    whole,
    cut,
    pouredMl,
    resin,
    family: card.family,
  });
  const working = workingOf(job.mixing, card.family, resin, roomC);
  const mixed = mixLayers(
    mixtures,
    pouredMl,
    {
      containers: containersOf(job),
      pourableMl: pourableMl(working),
      leastMl: resin.leastBatchMl,
      asked: job.batches,
      residue: job.allowances?.residue,
      moreCups: job.mixing?.cups === 'own' ? 2 : 0,
    },
    job.coloursFrom === 'one-batch',
  );
  const mixedMl = cut.map((_, layer) =>
    mixed.reduce(
      (sum, each) => sum + (each.layer === layer ? each.split.batchMl * each.split.count : 0),
      0,
    ),
  );
  const total = amountsOf(
    mixedMl.reduce((sum, ml) => sum + ml, 0),
    resin,
  );
  const tint =
    job.tint &&
    tintOf(
      job.tint,
      { g: total.g, aG: total.a.g },
      { resin, family: card.family, depthMm: whole.depthMm },
    );
  const batches = planBatches(job, mixed, {
    resin,
    stepG,
    tint,
    working,
    portions,
    pouredMl,
    overageMl: shares.find(({ code }) => code === 'overage')?.ml ?? [],
  });
  const layers = cut.map(({ fromMm, toMm, cavityMl }, index): PlannedLayer => ({
    ...amountsOf(mixedMl[index] ?? 0, resin),
    fromMm,
    toMm,
    cavityMl,
    joint: index === 0 ? undefined : jointOf(job.layers?.joint ?? 'tacky', resin, roomC),
    batches: batches.filter((batch) => batch.layer === index),
  }));
  const allowances = withResidue(spread, mixed);
  const buying = buyingOf(total.ml, card, resin.mixedDensityGPerMl, today);
  const planned = { ...taken, style: styleOf(job.layers) };

  return {
    name: job.name,
    roomTemperatureC: roomC,
    parts: whole.parts,
    inserts: whole.inserts,
    depthMm: whole.depthMm,
    cavityMl: whole.cavityMl,
    cavityPlusMinusMl: whole.plusMinusMl,
    cavityErrs: whole.errs,
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
      hardener: card.hardenerName?.trim() || undefined,
      statedBy: resin.statedBy,
      ratio: resin.ratio,
      mixedDensityGPerMl: resin.mixedDensityGPerMl,
      densityFrom: resin.densityFrom,
      pigmentInto: card.pigment?.into ?? 'mix',
    },
    mixing: {
      by: job.mixing?.by ?? 'weight',
      first: job.mixing?.first ?? 'a',
      cups: job.mixing?.cups ?? 'one',
    },
    cut: planned,
    layers,
    batches,
    portions,
    tint,
    working: { ...working, longestMin: Math.max(...batches.map(({ workingMin }) => workingMin)) },
    cupMarks:
      job.cupMarks === undefined
        ? []
        : cupMarksOf(
            job.cupMarks.marks.map((mark) => readQuantity(mark, volumeRule).value),
            readQuantity(job.cupMarks.water, waterTemperatureRule).value,
          ),
    leftovers: leftoversOf(pour.leftoverMoulds, batches, taken),
    buying,
    times: planTimes(layers, resin, roomC),
    why: reasons(job, {
      resin,
      overage,
      allowances,
      stepG,
      whole,
      layers,
      batches,
      cut: planned,
      working,
      stock,
    }),
    warnings: [
      ...pour.warnings,
      ...warn.measureWarnings(whole),
      ...doubtsOfCard(card, resin),
      ...warn.depthWarnings(layers, resin, taken, card.name, stock),
      ...warn.roomDepthWarnings(heat),
      ...warn.formWarnings(planned.style, whole),
      ...warn.batchWarnings(batches),
      ...warn.workingWarnings(batches, working),
      ...warn.leastBatchWarnings(batches, resin, card.name),
      ...warn.mixingWarnings(job, batches),
      ...warn.tintWarnings(tint),
      ...warn.lotWarnings(buying, card.name),
    ],
  };
}

/**
 * The one way from what a person said to what they should do.
 * @param job as checked by `checkJob` or `readJob`
 * @param shelf what is at hand; a card in it stands over the job's own copy of the same `id`.
 *   Leave it out where there is no shelf to look at, as for a file.
 * @param today `2026-11-23`, for best-before dates; the core has no clock
 * @throws InputError those of `withHardener`, `measurePour` and `planPour`
 */
export function planJob(job: Job, shelf?: Shelf, today?: string): Plan {
  const { resin: found, measure, leftoverMoulds, warnings } = withCards(job, shelf);
  const card = withHardener(found, job.hardener);
  const resin = readResin(card);
  const measured = measurePour(job, measure, readingOf(job, resin));
  const plan = planPour(job, {
    card,
    resin,
    parts: measure.parts,
    measured,
    kept: shelf?.calibrations,
    leftoverMoulds,
    warnings,
    today,
  });
  const bordersMm = plan.layers.flatMap(({ toMm }) => toMm ?? []);
  return { ...plan, heightCurve: heightCurve(measured.whole, bordersMm) };
}
