import { InputError } from '../problem';
import type { JobPour } from '../job/jobPour';
import { amountsOf } from '../mix/amounts';
import { splitIntoBatches, type BatchLimits, type Split } from '../mix/batches';
import { cupMarksOf } from '../mix/cupMarks';
import { inCup, onScale } from '../mix/onScale';
import { strokesOf } from '../mix/strokes';
import type { Working } from '../mix/working';
import { readQuantity } from '../quantity/readQuantity';
import { volumeRule, waterTemperatureRule } from '../quantity/rules';
import type { ReadResin } from '../resin/readResin';
import { resinShareOf, type MixedFiller } from '../mix/fillers/readFillers';
import { isInTime, type BatchBucket, type BatchClock, type MixedAt } from './batchClock';
import { doseFor, type Mixture } from './mixtures';
import type { FillerAmount, PlannedBatch, PlannedPortion, PlannedTint } from './planTypes';

/** One mixture in one layer, with the batches it takes. */
export interface MixedLayer {
  readonly layer: number;
  readonly mixture: Mixture;
  readonly pouredMl: number;
  readonly split: Split;
  /** How warm it is mixed, how long batches of it last, and how long each of these does. */
  readonly at: MixedAt;
  readonly clock: BatchClock;
  readonly bucket: BatchBucket;
}

/** What a batch may be, and how long it lasts. */
export interface MixLimits extends Omit<BatchLimits, 'inTimeMl'> {
  readonly working: Working;
  readonly clockOf: (mixture: Mixture) => BatchClock;
  /** How warm each layer is mixed. */
  readonly mixedAt: readonly MixedAt[];
}

/** The largest batch of a mixture in a container, where `wantedMl` would not last. @throws InputError `pot-life-too-short` */
function inTimeMl(
  clock: BatchClock,
  at: MixedAt,
  working: Working,
  vesselMl: number | undefined,
  wantedMl: number,
): number {
  const { keptBack, stirMin } = working;
  if (isInTime(clock.bucketOf(wantedMl, vesselMl, at, working), keptBack)) return Infinity;
  const greatestMl = clock.greatestMl(vesselMl, at, working);
  if (greatestMl !== undefined) return greatestMl;
  const potLifeMin = clock.bucketOf(leastTriedMl, vesselMl, at, working).pourableMin ?? 0;
  const data = { potLifeMin, stirMin, keptBack };
  throw new InputError('pot-life-too-short', potLifeMin, data, 'mixing.stir');
}

/** As small as a batch may be where none lasts: what its time is told for, ml. */
const leastTriedMl = 4;

/** More colours in more layers than this nobody mixes. */
const mostMixes = 1000;

/** Everything from one mix, coloured after it is divided: no colour has fillers of its own, so all have the same. */
function asOne(mixtures: readonly Mixture[], pouredMl: readonly number[]): Mixture {
  return {
    portions: [],
    name: undefined,
    swatch: undefined,
    pigments: [],
    fillers: mixtures[0]?.fillers ?? [],
    pouredMlByLayer: pouredMl,
  };
}

/** What so much of a mix holds of its fillers. */
export const fillersIn = (fillers: readonly MixedFiller[], mixedMl: number): FillerAmount[] =>
  fillers.map(({ name, kind, share, grainGPerMl, bulkGPerMl, assumed }) => {
    const ml = share * mixedMl;
    const g = ml * grainGPerMl;
    return { name, kind, share, g, ml, looseMl: g / bulkGPerMl, grainGPerMl, assumed };
  });

/**
 * What is mixed when: layer by layer, colour by colour; as shares of one mix where the person works that way.
 * @throws InputError `too-many-mixes`, those of `splitIntoBatches`
 */
export function mixLayers(
  mixtures: readonly Mixture[],
  pouredMl: readonly number[],
  { working, clockOf, mixedAt, ...limits }: MixLimits,
  oneBatch: boolean,
): readonly MixedLayer[] {
  const mixed = oneBatch ? [asOne(mixtures, pouredMl)] : mixtures;
  const count = mixed.reduce(
    (sum, { pouredMlByLayer }) => sum + pouredMlByLayer.filter((ml) => ml > 0).length,
    0,
  );
  if (count > mostMixes) {
    const data = { layers: pouredMl.length, colours: mixed.length, count, most: mostMixes };
    throw new InputError('too-many-mixes', count, data, 'portions');
  }
  return pouredMl.flatMap((_, layer) =>
    mixed.flatMap((mixture): MixedLayer[] => {
      const needMl = mixture.pouredMlByLayer[layer] ?? 0;
      if (!(needMl > 0)) return [];
      const at = mixedAt[layer]!;
      const clock = clockOf(mixture);
      const split = splitIntoBatches(needMl, {
        ...limits,
        inTimeMl: (container, wantedMl) =>
          inTimeMl(clock, at, working, container?.capacityMl, wantedMl),
      });
      const bucket = clock.bucketOf(split.batchMl, split.container?.capacityMl, at, working);
      return [{ layer, mixture, pouredMl: needMl, split, at, clock, bucket }];
    }),
  );
}

/** A cup is marked to the nearest of these where the person does not say otherwise, ml. */
const usualCupStep = '5 ml';

const nothingShown = { inCup: undefined, strokes: undefined, cupMarks: undefined };

/** What a batch shows besides its exact figures, by the way it is measured out. */
function shown(
  amounts: ReturnType<typeof amountsOf>,
  mixing: JobPour['mixing'],
  { ratio }: ReadResin,
  waterC: number | undefined,
): Pick<PlannedBatch, 'inCup' | 'strokes' | 'cupMarks'> {
  const by = mixing?.by ?? 'weight';
  const read = (typed: string): number => readQuantity(typed, volumeRule).value;
  if (by === 'volume') {
    const marks = inCup(amounts.a.ml, ratio?.volumeAPerB, read(mixing?.cupStep ?? usualCupStep));
    return {
      ...nothingShown,
      inCup: marks,
      cupMarks:
        waterC === undefined
          ? undefined
          : cupMarksOf([marks.aMl, marks.bMl, marks.totalMl], waterC),
    };
  }
  if (by === 'pump' && ratio !== undefined && mixing?.strokeA && mixing.strokeB) {
    const { strokeA, strokeB } = mixing;
    return {
      ...nothingShown,
      strokes: strokesOf(amounts.a.ml, ratio.volumeAPerB, read(strokeA), read(strokeB)),
    };
  }
  return nothingShown;
}

/**
 * Every group of equal batches in the order it is mixed, with what is weighed for each of them.
 * @param overageMl what of each layer is overage: it is left over when nothing goes wrong
 */
export function planBatches(
  job: JobPour,
  mixed: readonly MixedLayer[],
  {
    resin,
    stepG,
    tint,
    portions,
    pouredMl,
    overageMl,
  }: {
    readonly resin: ReadResin;
    readonly stepG: number;
    readonly tint: PlannedTint | undefined;
    readonly portions: readonly PlannedPortion[];
    readonly pouredMl: readonly number[];
    readonly overageMl: readonly number[];
  },
): readonly PlannedBatch[] {
  const oneBatch = job.coloursFrom === 'one-batch';
  const waterC =
    job.cupMarks === undefined
      ? undefined
      : readQuantity(job.cupMarks.water, waterTemperatureRule).value;
  const tinted = 1 + (tint?.perAG ?? 0);
  const ids = new Map<string, number>();
  /** Two colours of one name in a layer are told apart by their order. */
  const idFor = (layer: number, colour: string | undefined): string => {
    const id = colour === undefined ? `layer-${layer + 1}` : `layer-${layer + 1}/${colour}`;
    const before = ids.get(id) ?? 0;
    ids.set(id, before + 1);
    return before === 0 ? id : `${id}/${before + 1}`;
  };
  return mixed.map(({ layer, mixture, pouredMl: needMl, split, bucket }): PlannedBatch => {
    const { batchMl, count, container, limitMl, surplusMl } = split;
    const hasFillers = mixture.fillers.length > 0;
    const amounts = amountsOf(
      hasFillers ? batchMl * resinShareOf(mixture.fillers) : batchMl,
      resin,
    );
    const tintedAG = amounts.a.g * tinted;
    const scale = onScale(tintedAG, resin.ratio && resin.ratio.massAPerB * tinted, stepG);
    const mixtureMl = mixture.pouredMlByLayer.reduce((sum, ml) => sum + ml, 0);
    const layerMl = pouredMl[layer] ?? needMl;
    const roundedUpMl =
      Math.max(0, scale.totalG - tintedAG - amounts.b.g) / resin.mixedDensityGPerMl;
    const { ml, g, a, b } = amounts;
    const fillers = fillersIn(mixture.fillers, batchMl);
    // Without fillers it is the density of the resin, to the last digit.
    const mixGPerMl = hasFillers
      ? (g + fillers.reduce((sum, filler) => sum + filler.g, 0)) / batchMl
      : resin.mixedDensityGPerMl;
    const { inCup: cup, strokes, cupMarks } = shown(amounts, job.mixing, resin, waterC);
    return {
      id: idFor(layer, mixture.name),
      count,
      filledMl: hasFillers ? batchMl : undefined,
      fillers: hasFillers ? fillers : undefined,
      ml,
      g,
      a,
      b,
      layer,
      portions: mixture.portions,
      colour: mixture.name,
      swatch: mixture.swatch,
      pigments: mixture.pigments.map((dose) => doseFor(dose, batchMl / mixtureMl)),
      tintedAG: tint === undefined ? undefined : tintedAG,
      shares: oneBatch
        ? portions.flatMap((portion, index) => {
            const ofLayerMl = (portion.pouredMlByLayer[layer] ?? 0) / count;
            const ofAllMl = portion.pouredMlByLayer.reduce((sum, each) => sum + each, 0);
            if (!(ofLayerMl > 0)) return [];
            return [
              {
                portion: index,
                name: portion.name,
                ml: ofLayerMl,
                g: ofLayerMl * mixGPerMl,
                pigments: portion.pigments.map((dose) => doseFor(dose, ofLayerMl / ofAllMl)),
              },
            ];
          })
        : [],
      container: container && {
        name: container.name,
        capacityMl: container.capacityMl,
        fill: container.fill,
      },
      limitMl,
      rule: split.rule,
      surplusMl: surplusMl / count,
      leftMl:
        surplusMl / count + roundedUpMl + ((overageMl[layer] ?? 0) * needMl) / layerMl / count,
      workingMin: bucket.needsMin,
      bucket,
      onScale: scale,
      inCup: cup,
      strokes,
      cupMarks,
    };
  });
}
