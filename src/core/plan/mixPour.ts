import type { ResolvedPour } from '../job/resolveJob';
import { amountsOf, type MixAmounts } from '../mix/amounts';
import { containersOf } from '../mix/containers';
import { resinShareOf } from '../mix/fillers/readFillers';
import { workingOf, type Working } from '../mix/working';
import { readResin } from '../resin/readResin';
import { hardenerNames, ownHardener, withHardener } from '../resin/withHardener';
import { batchClockOf, type BatchClock, type MixedAt } from './batchClock';
import type { BucketQuestion } from './bucketWarnings';
import type { CutPour } from './cutPour';
import type { KeptCalibrations } from './heat/calibrationOf';
import type { Mixture, mixturesOf } from './mixtures';
import { fillersIn, mixLayers, planBatches, type MixedLayer } from './planBatches';
import type {
  FillerAmount,
  PlannedBatch,
  PlannedPortion,
  PlannedTint,
  PourPlan,
} from './planTypes';
import type { PouredForm } from './pouredForm';
import { readingOf } from './readingOf';
import { tintOf } from './tintOf';

/** What is mixed for a pour. */
export interface MixedPour {
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

/**
 * What is mixed for a pour, layer by layer and colour by colour.
 * @param mixedAt how warm each layer is mixed
 * @throws InputError those of `mixLayers`, `tintOf`
 */
export function mixPour(
  { said, card, resin }: ResolvedPour,
  { whole }: PouredForm,
  { layers, pouredMl, overageMl }: CutPour,
  { mixtures, portions }: ReturnType<typeof mixturesOf>,
  mixedAt: readonly MixedAt[],
  kept: KeptCalibrations | undefined,
): MixedPour {
  const working = workingOf(said.mixing, card.family, resin);
  const clocks = new Map<string, BatchClock>();
  const clockOf = ({ fillers }: Mixture): BatchClock => {
    const key = JSON.stringify(fillers);
    const clock = clocks.get(key) ?? batchClockOf(card.family, resin, fillers, kept);
    clocks.set(key, clock);
    return clock;
  };
  const mixed = mixLayers(
    mixtures,
    pouredMl,
    {
      containers: containersOf(said),
      working,
      clockOf,
      mixedAt,
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
    portions,
    pouredMl,
    overageMl,
  });
  return { mixtures, portions, working, mixed, resinMl, filledMl, total, tint, batches };
}

/** Fillers of all that is mixed, those of one name together. */
export function fillersOfAll(mixed: readonly MixedLayer[]): readonly FillerAmount[] {
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

/** The time that batches take, and what there is of it. */
export function workingSection({ mixed, working }: MixedPour): PourPlan['working'] {
  const buckets = mixed.map(({ bucket }) => bucket);
  const shortestMin = Math.min(...buckets.map(({ pourableMin }) => pourableMin ?? Infinity));
  return {
    ...working,
    potLifeMin: Number.isFinite(shortestMin) ? shortestMin : undefined,
    by: mixed[0]?.clock.by ?? 'nothing',
    longestMin: Math.max(...buckets.map(({ needsMin }) => needsMin)),
  };
}

/** What the warnings of buckets are worked out from. */
export function bucketQuestionOf(
  { card, found, resin }: ResolvedPour,
  { mixed, working }: MixedPour,
  kept: KeptCalibrations | undefined,
): BucketQuestion {
  const inUse = card.hardenerName?.trim() || ownHardener;
  const otherHardeners = (fillers: Mixture['fillers']) =>
    hardenerNames(found).flatMap((name, at) => {
      if (name === inUse) return [];
      const other = readResin(withHardener(found, at === 0 ? undefined : name));
      return [{ name, clock: batchClockOf(card.family, other, fillers, kept) }];
    });
  return {
    mixed,
    working,
    otherHardeners: ({ mixture }) => otherHardeners(mixture.fillers),
    massOf: ({ mixture: { fillers } }, volumeMl) =>
      volumeMl *
      fillers.reduce(
        (density, { share, grainGPerMl }) => density + share * grainGPerMl,
        resinShareOf(fillers) * resin.mixedDensityGPerMl,
      ),
  };
}
