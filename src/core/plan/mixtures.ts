import { readPigment, refuseSpoilers, type ReadPigment } from '../colour/dose';
import type { Portion } from '../colour/colourSchemas';
import { sharePortions, type Cells, type SharedPortion } from '../colour/portions';
import type { JobPour } from '../job/jobPour';
import type { LayerVolume } from '../layers/splitAtHeights';
import { within } from '../measure/within';
import { InputError } from '../problem';
import type { MeasuredWhole } from '../measure/measureWhole';
import { amountsOf } from '../mix/amounts';
import {
  readFillers,
  refuseOverHeap,
  resinShareOf,
  type MixedFiller,
} from '../mix/fillers/readFillers';
import type { ReadResin } from '../resin/readResin';
import type { ResinFamily } from '../resin/families';
import type { PigmentDose, PlannedPortion } from './planTypes';

/** What is mixed as one: a colour, or everything that has none. */
export interface Mixture {
  /** Portions that are poured from it, by their place in the job; empty for plain resin. */
  readonly portions: readonly number[];
  readonly name: string | undefined;
  readonly swatch: string | undefined;
  readonly pigments: readonly PigmentDose[];
  /** Solids in it. */
  readonly fillers: readonly MixedFiller[];
  /** What is poured of it in each layer, fillers and allowances included, residue not. */
  readonly pouredMlByLayer: readonly number[];
}

/** Cavity volume by layer and cavity. */
function cellsOf(whole: MeasuredWhole, cut: readonly LayerVolume[]): Cells {
  const volumesBelow = whole.volumesBelowMl();
  // One pour takes everything, what has no form included.
  if (cut.length === 1) return [volumesBelow(Infinity)];
  let below = volumesBelow(0);
  return cut.map(({ toMm }) => {
    const upTo = volumesBelow(toMm ?? Infinity);
    const row = upTo.map((ml, index) => Math.max(0, ml - (below[index] ?? 0)));
    below = upTo;
    return row;
  });
}

/** The depth that one looks through: of the layer or the cavity that is coloured, or of the piece. */
function depthOf(
  { layer, cavity }: Portion,
  whole: MeasuredWhole,
  cut: readonly LayerVolume[],
): number | undefined {
  if (layer !== undefined) {
    const { fromMm, toMm } = cut[layer - 1] ?? {};
    return fromMm === undefined || toMm === undefined ? undefined : toMm - fromMm;
  }
  return cavity === undefined ? whole.depthMm : whole.parts[cavity - 1]?.depthMm;
}

function doseIn(pigment: ReadPigment, ml: number, g: number): PigmentDose {
  const share = pigment.share ?? (pigment.g ?? 0) / g;
  return {
    name: pigment.name,
    kind: pigment.kind,
    share,
    g: share * g,
    drops: pigment.drops && (pigment.drops.per100Ml * ml) / 100,
    testedAtMm: pigment.testedAtMm,
  };
}

/** The same dose in another amount of the same mix. */
export const doseFor = (dose: PigmentDose, part: number): PigmentDose => ({
  ...dose,
  g: dose.g * part,
  drops: dose.drops && dose.drops * part,
});

/** A dose as it is said, in one text: written out, for serialising them took a third of the time of planning many portions. */
const pigmentKey = (pigment: NonNullable<Portion['pigments']>[number]): string => {
  const { name, kind, share, drops, twentyDrops, potBefore, potAfter, testDepth, opaque } = pigment;
  return `${name}|${kind}|${share}|${drops}|${twentyDrops}|${potBefore}|${potAfter}|${testDepth}|${opaque}`;
};

/** Portions of the same name, pigments and fillers are one colour, mixed once. */
function colourKey({ name, pigments, fillers }: Portion): string {
  let key = name.trim();
  for (const pigment of pigments ?? []) key += `\n${pigmentKey(pigment)}`;
  return fillers === undefined ? key : `${key}\n${JSON.stringify(fillers)}`;
}

/** Fillers of the whole pour with those of one portion; a heap can fill it only once. */
function withMoreFillers(
  ofAll: readonly MixedFiller[],
  more: Portion['fillers'],
  mixedMl: number,
  place: string,
): readonly MixedFiller[] {
  if (more === undefined) return ofAll;
  const all = [...ofAll, ...readFillers(more, mixedMl, place)];
  refuseOverHeap(all, mixedMl, place);
  return all;
}

/** Portions of one colour say the same fillers; told by mass they are another share of each, so the mean counts. */
function fillersTogether(own: readonly FilledPortion[]): readonly MixedFiller[] {
  const fillers = own[0]?.fillers ?? [];
  if (fillers.length === 0) return fillers;
  const ml = own.map(({ planned }) => sumOf(planned.pouredMlByLayer));
  const allMl = sumOf(ml);
  return fillers.map((filler, at) => ({
    ...filler,
    share: own.reduce(
      (total, each, index) => total + ((each.fillers[at]?.share ?? 0) * ml[index]!) / allMl,
      0,
    ),
  }));
}

/** What portions are cut from. */
export interface Poured {
  readonly whole: MeasuredWhole;
  readonly cut: readonly LayerVolume[];
  /** What each layer takes, residue in cups left aside. */
  readonly pouredMl: readonly number[];
  readonly resin: ReadResin;
  readonly family: ResinFamily;
}

const sumOf = (values: readonly number[]): number =>
  values.reduce((total, each) => total + each, 0);

/** A portion as it is planned, with the fillers in it. */
interface FilledPortion {
  readonly planned: PlannedPortion;
  readonly fillers: readonly MixedFiller[];
}

/** One portion: what it takes, its fillers, and doses that its family bears. */
function plannedPortion(
  { portion, index, share, cavityMlByLayer }: SharedPortion,
  pouredMlByLayer: readonly number[],
  ofAll: readonly MixedFiller[],
  { whole, cut, resin, family }: Poured,
): FilledPortion {
  const place = `portions[${index}]`;
  const ofPortionMl = sumOf(pouredMlByLayer);
  const fillers = withMoreFillers(ofAll, portion.fillers, ofPortionMl, `${place}.fillers`);
  const { ml, g, a, b } = amountsOf(ofPortionMl * resinShareOf(fillers), resin);
  const depthMm = depthOf(portion, whole, cut);
  const pigments = (portion.pigments ?? []).map((pigment, at) =>
    within(`${place}.pigments[${at}]`, () =>
      doseIn(
        readPigment(pigment, depthMm, resin.mixedDensityGPerMl),
        ml,
        Math.max(g, Number.MIN_VALUE),
      ),
    ),
  );
  refuseSpoilers(
    pigments.map(({ kind, share: dose }, at) => ({
      kind,
      share: dose,
      at: `${place}.pigments[${at}]`,
    })),
    family,
    resin.pigmentLimit,
  );
  // Named one by one: a spread in front of other keys takes most of the time of planning many portions.
  const planned = {
    ml,
    g,
    a,
    b,
    name: portion.name.trim(),
    cavity: portion.cavity,
    layer: portion.layer,
    share,
    cavityMl: sumOf(cavityMlByLayer),
    pouredMlByLayer,
    depthMm,
    pigments,
    swatch: portion.swatch,
  };
  return { planned, fillers };
}

/** Places of portions that are one colour. */
function sameColours(typed: readonly Portion[]): readonly (readonly number[])[] {
  const colours = new Map<string, number[]>();
  typed.forEach((portion, index) => {
    const key = colourKey(portion);
    const same = colours.get(key);
    if (same === undefined) colours.set(key, [index]);
    else same.push(index);
  });
  return [...colours.values()];
}

/** Portions of one colour, mixed as one. */
function mixtureOf(
  indices: readonly number[],
  filled: readonly FilledPortion[],
  layers: number,
): Mixture {
  const own = indices.map((index) => filled[index]!);
  const planned = own.map((each) => each.planned);
  const [first, ...others] = planned;
  const ml = sumOf(planned.map((each) => each.ml));
  const massG = sumOf(planned.map((each) => each.g));
  return {
    portions: indices,
    name: first?.name,
    swatch: first?.swatch,
    fillers: fillersTogether(own),
    // A test cup may give each portion a dose for its own depth: together they are what goes in.
    pigments: (first?.pigments ?? []).map((dose, at) => {
      const g = sumOf(planned.map(({ pigments }) => pigments[at]?.g ?? 0));
      const drops = sumOf(planned.map(({ pigments }) => pigments[at]?.drops ?? 0));
      return {
        ...dose,
        g,
        share: massG > 0 ? g / massG : dose.share,
        drops: dose.drops === undefined ? undefined : drops,
      };
    }),
    pouredMlByLayer:
      // Most colours are one portion; adding up one takes as long as planning it.
      ml > 0 && first !== undefined && others.length === 0
        ? first.pouredMlByLayer
        : Array.from({ length: layers }, (_, layer) =>
            ml > 0 ? sumOf(planned.map((each) => each.pouredMlByLayer[layer] ?? 0)) : 0,
          ),
  };
}

/**
 * What is mixed, and for which portions.
 * @throws InputError those of `sharePortions`, `readPigment` and `refuseSpoilers`, `readFillers`; `fillers-after-mixing` where a
 *   colour that is a share of one mix has fillers of its own
 */
export function mixturesOf(
  job: JobPour,
  poured: Poured,
): { readonly mixtures: readonly Mixture[]; readonly portions: readonly PlannedPortion[] } {
  const { whole, cut, pouredMl } = poured;
  const typed = job.portions ?? [];
  const ofAll = readFillers(job.fillers ?? [], sumOf(pouredMl), 'fillers');
  const plain = {
    portions: [],
    name: undefined,
    swatch: undefined,
    pigments: [],
    fillers: ofAll,
    pouredMlByLayer: pouredMl,
  };
  if (typed.length === 0) return { mixtures: [plain], portions: [] };
  if (job.coloursFrom === 'one-batch') refuseOwnFillers(typed);
  const { shared, plainMlByLayer } = sharePortions(typed, cellsOf(whole, cut));
  const factors = pouredMl.map((ml, layer) => ml / (cut[layer]?.cavityMl ?? ml));
  const withAllowances = (cavityMlByLayer: readonly number[]): number[] =>
    cavityMlByLayer.map((ml, layer) => (ml === 0 ? 0 : ml * (factors[layer] ?? 1)));
  const filled = shared.map((portion) =>
    plannedPortion(portion, withAllowances(portion.cavityMlByLayer), ofAll, poured),
  );
  const coloured = sameColours(typed).map((indices) => mixtureOf(indices, filled, pouredMl.length));
  const plainMl = withAllowances(plainMlByLayer);
  return {
    mixtures: sumOf(plainMl) > 0 ? [...coloured, { ...plain, pouredMlByLayer: plainMl }] : coloured,
    portions: filled.map(({ planned }) => planned),
  };
}

/** A share of one mix is taken after all is mixed: it cannot have more in it than the rest. */
function refuseOwnFillers(portions: readonly Portion[]): void {
  const index = portions.findIndex(({ fillers }) => fillers !== undefined);
  const portion = portions[index];
  if (portion === undefined) return;
  throw new InputError('fillers-after-mixing', portion.name, {}, `portions[${index}].fillers[0]`);
}
