import { measureSection } from './measureSection';
import type { ResolvedPour } from '../job/resolveJob';
import type { Allowance, SpreadAllowance } from '../measure/allowances/allowances';
import { amountsOf } from '../mix/amounts';
import { cupMarksOf } from '../mix/cupMarks';
import { readQuantity } from '../quantity/readQuantity';
import { roomTemperatureRule, volumeRule, waterTemperatureRule } from '../quantity/rules';
import { inUnit } from '../quantity/units';
import { doubtsOfCard } from '../resin/doubtsOfCard';
import { overPotLife, splitByPotLife } from './bucketWarnings';
import { cutIntoLayers, type CutContext, type CutPour } from './cutPour';
import type { MixedAt } from './batchClock';
import { castingSection } from './castingSection';
import { domesOf } from './domeSection';
import { flowSection } from './flowSection';
import { heatWarnings } from './heatWarnings';
import { pourClock, type PourClock } from './heat/pourClock';
import { dampAirOf } from './heat/roomOf';
import { mixedAtOf } from './mixedAtOf';
import { mixturesOf, type Mixture } from './mixtures';
import { asHalves, inHalves, opensAsCured } from './inHalves';
import { leftoversOf, type ReadyCavity } from './leftoversOf';
import { measurePour } from './measurePour';
import { bucketQuestionOf, fillersOfAll, mixPour, workingSection, type MixedPour } from './mixPour';
import type { MixedLayer } from './planBatches';
import { planTimes } from './planTimes';
import type { PlannedLayer, PourPlan } from './planTypes';
import type { PouredForm } from './pouredForm';
import { readingOf } from './readingOf';
import { reasons } from './reasons';
import { lampSection, lampWarnings } from './lampSection';
import { mouldSection, mouldWarnings } from './mouldSection';
import { outsideOf, pressureSection, pressureWarnings } from './pressureSection';
import { vacuumSection, vacuumWarnings } from './vacuumSection';
import * as warn from './warnings';

/** What a pour is planned with besides its cards and what it goes into. */
export interface PourContext extends CutContext {
  /** Cavities of small moulds that stand ready for what is left over. */
  readonly ready: readonly ReadyCavity[];
}

/** A pour planned by itself: what joins it to the others is the job's. */
export interface PlannedPour {
  readonly plan: Omit<PourPlan, 'joins'>;
  readonly ready: readonly ReadyCavity[];
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

/** What is in the mix with the least fillers: it gets hottest. */
const leastFilled = (mixtures: readonly Mixture[]): Mixture['fillers'] =>
  mixtures.reduce<Mixture['fillers']>((least, { fillers }, at) => {
    const share = (all: Mixture['fillers']): number =>
      all.reduce((sum, each) => sum + each.share, 0);
    return at === 0 || share(fillers) < share(least) ? fillers : least;
  }, []);

/** Layers with what is mixed for each, told over the floor of the form. */
function layersOf(
  { resin }: ResolvedPour,
  { fromMm: footMm }: PouredForm,
  cut: CutPour,
  { resinMl, filledMl, batches, mixed }: MixedPour,
  { joints, cures }: PourClock,
  mixedAt: readonly MixedAt[],
): readonly PlannedLayer[] {
  const over = (heightMm: number | undefined): number | undefined =>
    heightMm === undefined ? undefined : footMm + heightMm;
  const hasFillers = mixed.some(({ mixture }) => mixture.fillers.length > 0);
  return cut.layers.map(({ fromMm, toMm, cavityMl }, index) => ({
    ...amountsOf(resinMl[index] ?? 0, resin),
    fromMm: over(fromMm),
    toMm: over(toMm),
    cavityMl,
    joint: joints[index],
    cure: cures[index],
    mixedAt: mixedAt[index]!,
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

/**
 * From what a pour goes into to layers, amounts, batches and colour.
 * @throws InputError where figures that are right each by itself cannot go together: those of `measurePour`, `layerHeightsMm`,
 *   `splitAtHeights`, `mixturesOf`, `tintOf`, `splitIntoBatches`, `roomOf`, `leftoversOf`; fields relative to the pour
 */
export function planPour(given: ResolvedPour, form: PouredForm, context: PourContext): PlannedPour {
  const pour = inHalves(given, form);
  const { said, card, resin } = pour;
  const { whole } = form;
  const roomC = readQuantity(said.room.temperature, roomTemperatureRule).value;
  const measured = measurePour(said, whole, form.castIn);
  const cut = cutIntoLayers(pour, form, measured, context);
  const mixtures = mixturesOf(said, {
    whole,
    cut: cut.layers,
    pouredMl: cut.pouredMl,
    resin,
    family: card.family,
  });
  const clock = pourClock(form.box === undefined ? pour : opensAsCured(pour), form, {
    ...context,
    fillers: leastFilled(mixtures.mixtures),
    layers: cut.layers,
    roomC,
  });
  const mixedAt = mixedAtOf(said, clock.joints);
  const mix = mixPour(pour, form, cut, mixtures, mixedAt, context.kept);
  const { total, batches, tint, portions } = mix;
  const working = workingSection(mix);
  const cutLayers = layersOf(pour, form, cut, mix, clock, mixedAt);
  const layers = form.box?.parting === undefined ? cutLayers : asHalves(cutLayers);
  const flow = flowSection(pour, layers);
  const lamp = lampSection(pour, layers, whole);
  const ownMould = form.box ?? form.castIn;
  const pressure = pressureSection(pour, layers, working, ownMould && outsideOf(ownMould));
  const mould = mouldSection(pour, form.box, total.ml, roomC);
  const vacuum = vacuumSection(pour, batches, mixedAt[0]!.resinC);
  const buckets = bucketQuestionOf(pour, mix, context.kept);
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
    working,
    cupMarks: markedCups(said),
    leftovers,
    flow,
    lamp,
    ...(said.run === undefined ? {} : { isRun: true as const }),
    domes: domesOf(whole.parts, layers, flow, resin.mixedDensityGPerMl),
    pressure,
    vacuum,
    mould,
    casting: castingSection(pour, whole, form.castIn, roomC),
    times: planTimes(layers, resin, roomC),
    why: reasons({
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
      ...warn.roomDepthWarnings(cut.heat.problem ?? clock.problem),
      ...warn.formWarnings(cut.taken.style, whole),
      ...warn.batchWarnings(batches),
      ...heatWarnings(layers, clock, card, resin, dampAirOf(said)),
      ...overPotLife(buckets),
      ...splitByPotLife(buckets),
      ...warn.leastBatchWarnings(batches, resin, card.name),
      ...warn.mixingWarnings(said, batches),
      ...warn.tintWarnings(tint),
      ...warn.waterWarnings(tint, portions),
      ...warn.fillerWarnings(fillers, card.family, said.wants),
      ...warn.flowWarnings(flow, card),
      ...lampWarnings(lamp, card.name),
      ...pressureWarnings(pressure, {
        name: card.name,
        isInMould: pour.role === 'castings' || whole.parts.some(({ shape }) => shape === 'mould'),
      }),
      ...vacuumWarnings(vacuum, card),
      ...mouldWarnings(mould, card.name),
    ],
  };
  return { plan, ready };
}
