import { dilutedBy } from '../mix/fillers/dilutedBy';
import type { BucketPlace } from '../thermal/bucket';
import { cupHeat, type CupHeat, type CupReading } from '../thermal/cupHeat';
import { pourOf, type BenchCopy } from './benchCopy';
import type { BatchLane } from './lanes';

const msPerMin = 60_000;

/** A batch in its cup as the model is asked about it. */
export interface CupQuestion {
  readonly place: BucketPlace;
  readonly volumeMl: number;
  readonly readings: readonly CupReading[];
  /** It stands in a warm bath from then on, min after its parts met. */
  readonly bath: { readonly fromMin: number; readonly c: number } | undefined;
}

/** How long a batch in its cup lasts, min after its parts met; null for what does not happen in two days. */
export interface CupAnswer {
  readonly pourableMin: number | null;
  readonly warmMin: number | null;
  readonly hotMin: number | null;
  readonly atMin: readonly number[];
  readonly curveC: readonly number[];
  /** Undefined where nothing was measured. */
  readonly correction: { readonly resinC: number; readonly rate: number } | undefined;
}

/** All that the cup of a batch holds, ml: what was weighed, as long as that is more than was planned. */
function volumeInCup({ plan, pour }: BenchCopy, { batch: { group }, inCup }: BatchLane): number {
  const { mixedDensityGPerMl } = plan.pours[pour]!.resin;
  const weighedMl = ((inCup.aG ?? 0) + (inCup.bG ?? 0)) / mixedDensityGPerMl;
  const planned = group.filledMl ?? group.ml;
  return Math.max(planned, weighedMl + planned - group.ml);
}

/** What the model is asked about a batch; undefined where none follows its resin, or nothing is mixed. */
export function cupQuestionOf(copy: BenchCopy, lane: BatchLane): CupQuestion | undefined {
  const { group } = lane.batch;
  const pour = pourOf(copy);
  if (copy.curing === undefined || pour.resin.ratio === undefined) return undefined;
  const { metAt, rest } = lane;
  const { mixedAt } = pour.layers[group.layer]!;
  const after = (at: number): number => (at - (metAt ?? at)) / msPerMin;
  const bathAt = rest?.way === 'bath' && metAt !== undefined ? rest : undefined;
  return {
    place: {
      curing: dilutedBy(copy.curing, group.fillers ?? []),
      vesselMl: group.container?.capacityMl,
      ...mixedAt,
    },
    volumeMl: volumeInCup(copy, lane),
    // What is measured in a bath is the bath's own.
    readings: lane.readings
      .filter(({ at }) => bathAt === undefined || at <= bathAt.at)
      .map(({ at, c }) => ({ min: Math.max(0, after(at)), c })),
    bath:
      bathAt === undefined ? undefined : { fromMin: after(bathAt.at), c: bathAt.c ?? usualBathC },
  };
}

/** Bottles and cups are warmed to thirty-five to forty degrees: general practice, °C. */
export const usualBathC = 38;

/** A time that is still to come when so much of it is used up by then, min. */
const leftOf = (min: number | undefined, fromMin: number): number =>
  min === undefined ? 1 : Math.max(0, 1 - fromMin / min);

/**
 * How long a batch lasts: by the model, corrected by what was measured. In a bath what is left of its time passes as fast as a batch
 * passes all of its own that was as warm from the beginning.
 */
export function cupAnswer({ place, volumeMl, readings, bath }: CupQuestion): CupAnswer {
  const found = cupHeat(place, volumeMl, readings);
  const told = (min: number | undefined): number | null => min ?? null;
  if (bath === undefined) {
    const { pourableMin, warmMin, hotMin, atMin, curveC, correction } = found;
    return {
      pourableMin: told(pourableMin),
      warmMin: told(warmMin),
      hotMin: told(hotMin),
      atMin,
      curveC,
      correction,
    };
  }
  const rate = found.correction?.rate ?? 1;
  const curing = { ...place.curing, ratePerS: place.curing.ratePerS * rate };
  const warm = cupHeat({ ...place, curing, resinC: bath.c, roomC: bath.c }, volumeMl, []);
  const then = (of: keyof Pick<CupHeat, 'pourableMin' | 'warmMin' | 'hotMin'>): number | null => {
    const inBath = warm[of];
    return inBath === undefined ? null : bath.fromMin + leftOf(found[of], bath.fromMin) * inBath;
  };
  const before = found.atMin.filter((min) => min < bath.fromMin);
  return {
    pourableMin: then('pourableMin'),
    warmMin: then('warmMin'),
    hotMin: then('hotMin'),
    atMin: [...before, ...warm.atMin.map((min) => min + bath.fromMin)],
    curveC: [...found.curveC.slice(0, before.length), ...warm.curveC],
    correction: found.correction,
  };
}

/** How a clock speaks: calm, and then at a half, three quarters and nine tenths of its time; at its end it says stop. */
export const potVoices = ['calm', 'half', 'three-quarters', 'nine-tenths', 'over'] as const;
export type PotVoice = (typeof potVoices)[number];

const voiceFrom: readonly (readonly [PotVoice, number])[] = [
  ['over', 1],
  ['nine-tenths', 0.9],
  ['three-quarters', 0.75],
  ['half', 0.5],
];

export const voiceOf = (usedShare: number): PotVoice =>
  voiceFrom.find(([, from]) => usedShare >= from - 1e-9)?.[0] ?? 'calm';

/** The pot life of a batch as it runs. */
export interface PotClock {
  /** All of it, min; null where it lasts for days. */
  readonly pourableMin: number | null;
  /** Since A met B, min; 0 before. */
  readonly goneMin: number;
  /** Undefined where it lasts for days. */
  readonly leftMin: number | undefined;
  /** 0 to 1 and beyond; 0 where it lasts for days. */
  readonly usedShare: number;
  readonly voice: PotVoice;
  readonly isRunning: boolean;
  /** A reading has moved it. */
  readonly isCorrected: boolean;
}

/** Ten degrees halve a time: for resins that no model follows. */
const halvedByC = 10;

/**
 * The pot life of a batch.
 * @param answer of the model; undefined while it is not there, or where there is none: the plan's own figure then
 * @param now ms
 * @returns undefined for what has none: one bottle, or a card that says nothing
 */
export function potClockOf(
  copy: BenchCopy,
  lane: BatchLane,
  answer: CupAnswer | undefined,
  now: number,
): PotClock | undefined {
  const pour = pourOf(copy);
  if (pour.resin.ratio === undefined || pour.working.by === 'nothing') return undefined;
  const { metAt, pouredAt, readings } = lane;
  const planned = lane.batch.group.bucket.pourableMin;
  const { resinC } = pour.layers[lane.layer]!.mixedAt;
  const [read] = readings.slice(-1);
  const byReading =
    planned === null || read === undefined || copy.curing !== undefined
      ? planned
      : planned * 2 ** ((resinC - read.c) / halvedByC);
  const pourableMin = answer === undefined ? byReading : answer.pourableMin;
  // Out of the cup, its clock stands.
  const goneMin = metAt === undefined ? 0 : Math.max(0, ((pouredAt ?? now) - metAt) / msPerMin);
  const usedShare = pourableMin === null ? 0 : goneMin / pourableMin;
  return {
    pourableMin,
    goneMin,
    leftMin: pourableMin === null ? undefined : Math.max(0, pourableMin - goneMin),
    usedShare,
    voice: voiceOf(usedShare),
    isRunning: metAt !== undefined && pouredAt === undefined,
    isCorrected: answer === undefined ? read !== undefined : answer.correction !== undefined,
  };
}
