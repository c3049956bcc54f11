import { timeAtMin } from '../resin/inRoom';
import { hasHeat, type ResinFamily } from '../resin/families';
import type { ReadResin } from '../resin/readResin';
import { InputError } from '../problem';
import { bucketCurve, type BucketCurve } from '../thermal/bucketCurve';
import { curingOf } from '../thermal/calibrate';
import type { Curing } from '../thermal/curing';
import { dilutedBy } from '../mix/fillers/dilutedBy';
import type { MixedFiller } from '../mix/fillers/readFillers';
import { lastingMin, workingMin, type Working } from '../mix/working';
import { paced } from './heat/paced';
import { calibrationOf, type KeptCalibrations } from './heat/calibrationOf';

/**
 * By what it is known how long a batch lasts: the bucket model, fitted to the card's pot life or with the family's usual one; the
 * rule that ten degrees halve a time, where there is no model to fit; or not at all.
 */
export type PotLifeBy = 'bucket' | 'family' | 'halving' | 'nothing';

/** How warm a mix is when its parts meet, and the room that it stands in, °C. */
export interface MixedAt {
  readonly resinC: number;
  readonly roomC: number;
}

/** How a batch fares in its vessel. Minutes; null for what does not happen in two days or is not known. */
export interface BatchBucket {
  readonly pourableMin: number | null;
  /** When its middle is at 60 °C. */
  readonly hotMin: number | null;
  /** From the first drop of hardener to an empty cup. */
  readonly needsMin: number;
}

/** How long batches of one pour last: of any size, in any vessel, at any of its temperatures. */
export interface BatchClock {
  readonly by: PotLifeBy;
  /** @param vesselMl what the vessel holds; undefined: the batch stands as high as wide */
  readonly bucketOf: (
    volumeMl: number,
    vesselMl: number | undefined,
    at: MixedAt,
    working: Pick<Working, 'stirMin' | 'pourMlPerMin'>,
  ) => BatchBucket;
  /** When its middle is at 40 °C, min. */
  readonly warmMin: (
    volumeMl: number,
    vesselMl: number | undefined,
    at: MixedAt,
  ) => number | undefined;
  /**
   * The largest batch that can be mixed and poured in time, with what is kept back.
   * @returns ml; Infinity where any can, undefined where none can
   */
  readonly greatestMl: (
    vesselMl: number | undefined,
    at: MixedAt,
    working: Working,
  ) => number | undefined;
}

/** Whether a batch is mixed and poured in time, with what is kept back of it. */
export const isInTime = ({ pourableMin, needsMin }: BatchBucket, keptBack: number): boolean =>
  pourableMin === null || needsMin <= pourableMin * (1 - keptBack) * (1 + 1e-9);

/** What there is of the model for a card: undefined where its family has none, or its label is beyond it. */
export function modelOf(
  family: ResinFamily,
  resin: ReadResin,
  kept: KeptCalibrations | undefined,
): Curing | undefined {
  if (!hasHeat(family)) return undefined;
  try {
    return paced(curingOf(family, calibrationOf(family, resin, kept)), resin);
  } catch (error) {
    if (error instanceof InputError) return undefined;
    throw error;
  }
}

/** The same time for every batch: the label's, told for the room. */
function halvingClock({ potLife }: ReadResin): BatchClock {
  const lastsMin = ({ roomC }: MixedAt): number | undefined => potLife && timeAtMin(potLife, roomC);
  return {
    by: potLife === undefined ? 'nothing' : 'halving',
    bucketOf: (volumeMl, _, at, working) => ({
      pourableMin: lastsMin(at) ?? null,
      hotMin: null,
      needsMin: workingMin(volumeMl, working),
    }),
    warmMin: () => undefined,
    greatestMl: (_, at, { keptBack, stirMin, pourMlPerMin }) => {
      const usableMin = (lastsMin(at) ?? Infinity) * (1 - keptBack);
      return usableMin > stirMin ? (usableMin - stirMin) * pourMlPerMin : undefined;
    },
  };
}

/**
 * How long batches of a card last.
 * @param fillers in the mix: they take up heat and give off none
 */
export function batchClockOf(
  family: ResinFamily,
  resin: ReadResin,
  fillers: readonly Pick<MixedFiller, 'kind' | 'share' | 'grainGPerMl'>[],
  kept: KeptCalibrations | undefined,
): BatchClock {
  const model = modelOf(family, resin, kept);
  if (model === undefined) return halvingClock(resin);
  const curing = dilutedBy(model, fillers);
  const curves = new Map<string, BucketCurve>();
  const curveIn = (vesselMl: number | undefined, { resinC, roomC }: MixedAt): BucketCurve => {
    const key = `${vesselMl}/${resinC}/${roomC}`;
    const curve = curves.get(key) ?? bucketCurve({ curing, vesselMl, resinC, roomC });
    curves.set(key, curve);
    return curve;
  };
  return {
    by: resin.potLife === undefined ? 'family' : 'bucket',
    bucketOf: (volumeMl, vesselMl, at, working) => {
      const { pourableMin, hotMin } = curveIn(vesselMl, at).at(volumeMl);
      return {
        pourableMin: pourableMin ?? null,
        hotMin: hotMin ?? null,
        needsMin: workingMin(volumeMl, working),
      };
    },
    warmMin: (volumeMl, vesselMl, at) => curveIn(vesselMl, at).at(volumeMl).warmMin,
    greatestMl: (vesselMl, at, working) =>
      curveIn(vesselMl, at).greatestMl((volumeMl) => lastingMin(volumeMl, working)),
  };
}
