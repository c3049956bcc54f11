import { measureSection } from './measureSection';
import type { ResolvedPour } from '../job/resolveJob';
import { jointOf } from '../layers/jointOf';
import { depthTaken, layerHeightsMm, styleOf } from '../layers/layerHeights';
import { splitAtHeights, type LayerVolume } from '../layers/splitAtHeights';
import { spreadOver, type Allowance, type SpreadAllowance } from '../measure/allowances/allowances';
import { amountsOf, type MixAmounts } from '../mix/amounts';
import { containersOf } from '../mix/containers';
import { cupMarksOf } from '../mix/cupMarks';
import { readFillers, resinShareOf } from '../mix/fillers/readFillers';
import { pourableMl, workingOf, type Working } from '../mix/working';
import { readQuantity } from '../quantity/readQuantity';
import { roomTemperatureRule, volumeRule, waterTemperatureRule } from '../quantity/rules';
import { inUnit } from '../quantity/units';
import { doubtsOfCard } from '../resin/doubtsOfCard';
import type { BelowPour } from './heat/belowPour';
import type { KeptCalibrations } from './heat/calibrationOf';
import { heatDepthOf, type HeatDepth } from './heat/heatDepth';
import { leftoversOf, type ReadyCavity } from './leftoversOf';
import { measurePour, type MeasuredPour } from './measurePour';
import { mixturesOf, type Mixture } from './mixtures';
import { fillersIn, mixLayers, planBatches, type MixedLayer } from './planBatches';
import { planTimes } from './planTimes';
import type {
  FillerAmount,
  PlannedBatch,
  PlannedLayer,
  PlannedPortion,
  PlannedTint,
  PourPlan,
} from './planTypes';
import type { PouredForm } from './pouredForm';
import { readingOf } from './readingOf';
import { reasons } from './reasons';
import { tintOf } from './tintOf';
import * as warn from './warnings';

/** What a pour is planned with besides its cards and what it goes into. */
export interface PourContext {
  readonly kept: KeptCalibrations | undefined;
  /** What earlier pours left under it in a part of this depth, mm over the floor of the form. */
  readonly below: (partDepthMm: number) => readonly BelowPour[];
  /** Cavities of small moulds that stand ready for what is left over. */
  readonly ready: readonly ReadyCavity[];
}

/** A pour planned by itself: what joins it to the others is the job's. */
export interface PlannedPour {
  readonly plan: Omit<PourPlan, 'joins'>;
  readonly ready: readonly ReadyCavity[];
}

/** How a pour is cut. */
interface CutPour {
  readonly heat: HeatDepth;
  readonly taken: PourPlan['cut'];
  /** Heights over where the pour begins. */
  readonly layers: readonly LayerVolume[];
  /** What is poured into each, allowances included, residue in cups not. */
  readonly pouredMl: readonly number[];
  /** What of that is overage. */
  readonly overageMl: readonly number[];
}

function cutIntoLayers(
  { said, card, resin }: ResolvedPour,
  { whole, parts, fromMm }: PouredForm,
  { spread, stock }: MeasuredPour,
  { kept, below }: PourContext,
): CutPour {
  const onMl = spread.reduce((sum, { on, ml }) => sum + (on ? ml : 0), 0);
  const heat = heatDepthOf(said, {
    parts,
    measured: whole.parts,
    family: card.family,
    resin,
    kept,
    below,
    fromMm,
    fillers: readFillers(said.fillers ?? [], whole.cavityMl + onMl, 'fillers'),
  });
  const taken = depthTaken(said.layers, resin, heat.mm);
  const heightsMm = layerHeightsMm(said.layers, whole.depthMm, taken, stock, fromMm);
  const layers = splitAtHeights(whole, heightsMm, fromMm);
  const shares = sharesByLayer(layers, spread);
  return {
    heat,
    taken: { ...taken, style: styleOf(said.layers) },
    layers,
    pouredMl: layers.map(({ cavityMl }, layer) =>
      shares.reduce((sum, { ml }) => sum + (ml[layer] ?? 0), cavityMl),
    ),
    overageMl: shares.find(({ code }) => code === 'overage')?.ml ?? [],
  };
}

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

/** What is mixed for a pour. */
interface MixedPour {
  readonly mixtures: readonly Mixture[];
  readonly portions: readonly PlannedPortion[];
  readonly working: Working;
  readonly mixed: readonly MixedLayer[];
  /** Resin for each layer, fillers left out, and both together. */
  readonly resinMl: readonly number[];
  readonly filledMl: readonly number[];
  readonly total: MixAmounts;
  readonly tint: PlannedTint | undefined;
  readonly batches: readonly PlannedBatch[];
}

function mixPour(
  { said, card, resin }: ResolvedPour,
  { whole }: PouredForm,
  { layers, pouredMl, overageMl }: CutPour,
  roomC: number,
): MixedPour {
  const { mixtures, portions } = mixturesOf(said, {
    whole,
    cut: layers,
    pouredMl,
    resin,
    family: card.family,
  });
  const working = workingOf(said.mixing, card.family, resin, roomC);
  const mixed = mixLayers(
    mixtures,
    pouredMl,
    {
      containers: containersOf(said),
      pourableMl: pourableMl(working),
      leastMl: resin.leastBatchMl,
      asked: said.batches,
      residue: said.allowances?.residue,
      moreCups: said.mixing?.cups === 'own' ? 2 : 0,
    },
    said.coloursFrom === 'one-batch',
  );
  const byLayer = (mlOf: (each: MixedLayer) => number): readonly number[] =>
    layers.map((_, layer) =>
      mixed.reduce((sum, each) => sum + (each.layer === layer ? mlOf(each) : 0), 0),
    );
  const filledMl = byLayer(({ split }) => split.batchMl * split.count);
  const resinMl = byLayer(({ split, mixture }) =>
    mixture.fillers.length === 0
      ? split.batchMl * split.count
      : split.batchMl * split.count * resinShareOf(mixture.fillers),
  );
  const total = amountsOf(
    resinMl.reduce((sum, ml) => sum + ml, 0),
    resin,
  );
  const tint =
    said.tint &&
    tintOf(
      said.tint,
      { g: total.g, aG: total.a.g },
      { resin, family: card.family, depthMm: whole.depthMm },
    );
  const stepG = readingOf(said, resin).scaleStepG;
  const batches = planBatches(said, mixed, {
    resin,
    stepG,
    tint,
    working,
    portions,
    pouredMl,
    overageMl,
  });
  return { mixtures, portions, working, mixed, resinMl, filledMl, total, tint, batches };
}

/** Fillers of all that is mixed, those of one name together. */
function fillersOfAll(mixed: readonly MixedLayer[]): readonly FillerAmount[] {
  const all = new Map<string, FillerAmount>();
  let mixedMl = 0;
  for (const { mixture, split } of mixed) {
    mixedMl += split.batchMl * split.count;
    for (const filler of fillersIn(mixture.fillers, split.batchMl * split.count)) {
      const key = `${filler.name}/${filler.grainGPerMl}`;
      const before = all.get(key);
      all.set(
        key,
        before === undefined
          ? filler
          : {
              ...filler,
              g: filler.g + before.g,
              ml: filler.ml + before.ml,
              looseMl: filler.looseMl + before.looseMl,
            },
      );
    }
  }
  return [...all.values()].map((each) => ({ ...each, share: each.ml / mixedMl }));
}

/** The residue of all batches together, with the other allowances. */
function withResidue(
  spread: readonly SpreadAllowance[],
  mixed: readonly MixedLayer[],
): readonly Allowance[] {
  const others = spread.map(({ spread: _, firstMl: __, lastMl: ___, ...allowance }) => allowance);
  const residues = mixed.flatMap(({ split: { residue, count } }) =>
    residue === undefined ? [] : [{ ...residue, ml: residue.ml * count, count }],
  );
  const [first] = residues;
  if (first === undefined) return others;
  const ml = residues.reduce((sum, each) => sum + each.ml, 0);
  const batches = residues.reduce((sum, { count }) => sum + count, 0);
  return [...others, { code: 'residue', on: first.on, ml, data: { ...first.data, batches } }];
}

/** Layers with what is mixed for each, told over the floor of the form. */
function layersOf(
  { said, resin }: ResolvedPour,
  { fromMm: footMm }: PouredForm,
  cut: CutPour,
  { resinMl, filledMl, batches, mixed }: MixedPour,
  roomC: number,
): readonly PlannedLayer[] {
  const over = (heightMm: number | undefined): number | undefined =>
    heightMm === undefined ? undefined : footMm + heightMm;
  const hasFillers = mixed.some(({ mixture }) => mixture.fillers.length > 0);
  return cut.layers.map(({ fromMm, toMm, cavityMl }, index) => ({
    ...amountsOf(resinMl[index] ?? 0, resin),
    fromMm: over(fromMm),
    toMm: over(toMm),
    cavityMl,
    joint: index === 0 ? undefined : jointOf(said.layers?.joint ?? 'tacky', resin, roomC),
    batches: batches.filter((batch) => batch.layer === index),
    filledMl: hasFillers ? filledMl[index] : undefined,
  }));
}

const markedCups = ({ cupMarks }: ResolvedPour['said']): PourPlan['cupMarks'] =>
  cupMarks === undefined
    ? []
    : cupMarksOf(
        cupMarks.marks.map((mark) => readQuantity(mark, volumeRule).value),
        readQuantity(cupMarks.water, waterTemperatureRule).value,
      );

function resinSection({ card, resin }: ResolvedPour): PourPlan['resin'] {
  return {
    name: card.name,
    family: card.family,
    hardener: card.hardenerName?.trim() || undefined,
    statedBy: resin.statedBy,
    ratio: resin.ratio,
    mixedDensityGPerMl: resin.mixedDensityGPerMl,
    densityFrom: resin.densityFrom,
    pigmentInto: card.pigment?.into ?? 'mix',
  };
}

/** A batch in its cup is resin and fillers together. */
const longestMinOf = (batches: readonly PlannedBatch[]): number =>
  Math.max(...batches.map((batch) => batch.workingMin));

/**
 * From what a pour goes into to layers, amounts, batches and colour.
 * @throws InputError where figures that are right each by itself cannot go together: those of `measurePour`, `layerHeightsMm`,
 *   `splitAtHeights`, `mixturesOf`, `tintOf`, `splitIntoBatches`, `pourableMl`, `leftoversOf`; fields relative to the pour
 */
export function planPour(pour: ResolvedPour, form: PouredForm, context: PourContext): PlannedPour {
  const { said, card, resin } = pour;
  const { whole } = form;
  const roomC = readQuantity(said.room.temperature, roomTemperatureRule).value;
  const measured = measurePour(said, whole);
  const cut = cutIntoLayers(pour, form, measured, context);
  const mix = mixPour(pour, form, cut, roomC);
  const { total, batches, working, tint, portions } = mix;
  const layers = layersOf(pour, form, cut, mix, roomC);
  const allowances = withResidue(measured.spread, mix.mixed);
  const { leftovers, ready } = leftoversOf(context.ready, batches, cut.taken);
  const fillers = fillersOfAll(mix.mixed);
  const hasFillers = fillers.length > 0;
  const plan: PlannedPour['plan'] = {
    index: pour.index,
    id: pour.id,
    name: pour.name,
    role: pour.role,
    kind: form.kind,
    between:
      form.kind === 'fills' && form.toMm !== undefined
        ? { fromMm: form.fromMm, toMm: form.toMm }
        : undefined,
    face: form.face && { ...form.face, thicknessMm: whole.depthMm ?? 0 },
    roomTemperatureC: roomC,
    ...measureSection(whole),
    allowances,
    cavityUsFlOz: inUnit(whole.cavityMl, 'US fl oz'),
    cavityImperialFlOz: inUnit(whole.cavityMl, 'imp fl oz'),
    totalMl: total.ml,
    totalG: total.g,
    a: total.a,
    b: total.b,
    filledMl: hasFillers ? mix.filledMl.reduce((sum, ml) => sum + ml, 0) : undefined,
    fillers: hasFillers ? fillers : undefined,
    resin: resinSection(pour),
    mixing: {
      by: said.mixing?.by ?? 'weight',
      first: said.mixing?.first ?? 'a',
      cups: said.mixing?.cups ?? 'one',
    },
    cut: cut.taken,
    layers,
    batches,
    portions,
    tint,
    working: { ...working, longestMin: longestMinOf(batches) },
    cupMarks: markedCups(said),
    leftovers,
    times: planTimes(layers, resin, roomC),
    why: reasons(said, {
      resin,
      overage: measured.overage,
      allowances,
      stepG: readingOf(said, resin).scaleStepG,
      whole,
      layers,
      batches,
      cut: cut.taken,
      working,
      stock: measured.stock,
    }),
    warnings: [
      ...warn.measureWarnings(whole),
      ...doubtsOfCard(card, resin),
      ...warn.depthWarnings(
        layers,
        // A seal is a film that something is poured on: nobody waits for it to warm itself.
        pour.role === 'seal' ? { ...resin, leastDepthMm: undefined } : resin,
        cut.taken,
        card.name,
        measured.stock,
      ),
      ...warn.roomDepthWarnings(cut.heat),
      ...warn.formWarnings(cut.taken.style, whole),
      ...warn.batchWarnings(batches),
      ...warn.workingWarnings(batches, working),
      ...warn.leastBatchWarnings(batches, resin, card.name),
      ...warn.mixingWarnings(said, batches),
      ...warn.tintWarnings(tint),
      ...warn.fillerWarnings(fillers, card.family, said.wants),
    ],
  };
  return { plan, ready };
}
