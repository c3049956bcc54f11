import { bucketDangerC, bucketFollowedS } from './saidFigures';
import { constantRoom } from './climate';
import type { Curing } from './curing';
import { crossedAtS, followCore, cellAtC, noEvents } from './followCore';
import { hotC, thickAlpha, vesselOf, type PotLife } from './potLife';
import { solvePlane } from './solvePlane';
import { stepRules } from './stepping';

/** Where a batch stands: what it is of, what it is in, how warm it is and what is around it. */
export interface BucketPlace {
  readonly curing: Curing;
  /** What the vessel holds, ml, as high as wide when it is full; undefined: the batch itself stands as high as wide. */
  readonly vesselMl: number | undefined;
  /** Of the mix when its parts meet, a warm bath included. */
  readonly resinC: number;
  readonly roomC: number;
}

/** What becomes of a batch that stays in its vessel. Minutes from mixing; undefined for what does not happen in two days. */
export interface BucketHeat {
  /** Until the middle is as thick, or as hot, as ends a label's pot life. */
  readonly pourableMin: number | undefined;
  readonly by: PotLife['by'] | undefined;
  /** The middle is at 40 °C: it is on its way, pour now. */
  readonly warmMin: number | undefined;
  /** The middle is at 60 °C: cups soften, take it outdoors. */
  readonly hotMin: number | undefined;
}

/** From here on a batch that cools does not warm again. */
const begunAlpha = 0.3;

/** A batch that was followed, and the temperatures of its middle that were asked for, °C. */
export interface FollowedBucket extends BucketHeat {
  readonly readC: readonly number[];
}

/**
 * Follows a batch in its vessel until it is at 60 °C, or past its peak and thick; what was asked for later than that is as warm as it
 * was then.
 * @param volumeMl of the batch
 * @param atS times for which the temperature of its middle is wanted, s, rising
 */
export function bucketHeat(
  { curing, vesselMl, resinC, roomC }: BucketPlace,
  volumeMl: number,
  atS: readonly number[] = [],
): FollowedBucket {
  const vessel = vesselOf(curing, volumeMl, vesselMl);
  const cells = vessel.columns * vessel.rows;
  const middle = vessel.columns * (vessel.rows / 2);
  const room = constantRoom(roomC);
  const events = noEvents(resinC);
  let thickS: number | undefined;
  let softS: number | undefined;
  let hotS: number | undefined;
  let lastC = resinC;
  const readC: number[] = [];
  const follow = followCore(
    events,
    Int32Array.from({ length: cells }, (_, at) => at),
    curing.gelAlpha,
  );
  solvePlane(
    vessel,
    curing,
    { above: room, below: room, beside: room },
    { temperaturesC: new Float64Array(cells).fill(resinC), alphas: new Float64Array(cells) },
    0,
    bucketFollowedS,
    stepRules(bucketFollowedS, 0.5),
    (before, after) => {
      follow(before, after);
      while (readC.length < atS.length && atS[readC.length]! <= after.timeS) {
        readC.push(cellAtC(before, after, middle, atS[readC.length]!));
      }
      lastC = after.temperaturesC[middle]!;
      const first = (
        last: number | undefined,
        what: 'alphas' | 'temperaturesC',
        level: number,
      ): number | undefined =>
        last ??
        (after[what][middle]! < level
          ? undefined
          : before[what][middle]! >= level
            ? before.timeS
            : crossedAtS(before, after, what, middle, level));
      thickS = first(thickS, 'alphas', thickAlpha);
      softS = first(softS, 'temperaturesC', hotC);
      hotS = first(hotS, 'temperaturesC', bucketDangerC);
      const isPast =
        after.alphas[middle]! > begunAlpha && after.temperaturesC[middle]! < events.peakC - 1;
      return hotS !== undefined || (thickS !== undefined && isPast);
    },
  );
  const minutes = (seconds: number | undefined): number | undefined =>
    seconds === undefined ? undefined : seconds / 60;
  const overS = Math.min(thickS ?? Infinity, softS ?? Infinity);
  return {
    pourableMin: Number.isFinite(overS) ? overS / 60 : undefined,
    by: Number.isFinite(overS) ? (overS === thickS ? 'thick' : 'hot') : undefined,
    warmMin: minutes(events.warmS),
    hotMin: minutes(hotS),
    readC: atS.map((_, at) => readC[at] ?? lastC),
  };
}
