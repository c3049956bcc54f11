import { bucketDangerC, bucketFollowedS } from './saidFigures';
import { constantRoom } from './climate';
import type { Curing } from './curing';
import { followCore, noEvents } from './followCore';
import { cupOf, potLifeOf, type PotLife } from './potLife';
import { solvePlane } from './solvePlane';
import { stepRules } from './stepping';

/** What becomes of a batch that stays in its cup. Minutes from mixing; undefined for what does not happen in two days. */
export interface BucketHeat {
  readonly potLifeMin: number | undefined;
  readonly by: PotLife['by'] | undefined;
  /** The middle is at 40 °C: it is on its way, pour now. */
  readonly warmMin: number | undefined;
  /** The middle is at 60 °C: cups soften, take it outdoors. */
  readonly dangerMin: number | undefined;
}

/**
 * A batch in a cup as high as wide.
 * @param resinC as it is when it is mixed, a warm bath included
 */
export function bucketHeat(
  curing: Curing,
  massG: number,
  resinC: number,
  roomC: number,
): BucketHeat {
  const cup = cupOf(curing, massG);
  const potLife = potLifeOf(curing, { cup, resinC, roomC }, bucketFollowedS);
  const cells = cup.columns * cup.rows;
  const room = constantRoom(roomC);
  const events = noEvents(resinC);
  let dangerS: number | undefined;
  const follow = followCore(
    events,
    Int32Array.from({ length: cells }, (_, at) => at),
    curing.gelAlpha,
  );
  solvePlane(
    cup,
    curing,
    { above: room, below: room, beside: room },
    { temperaturesC: new Float64Array(cells).fill(resinC), alphas: new Float64Array(cells) },
    0,
    bucketFollowedS,
    stepRules(bucketFollowedS, 0.5),
    (before, after) => {
      follow(before, after);
      if (events.peakC >= bucketDangerC) dangerS = after.timeS;
      return dangerS !== undefined;
    },
  );
  const minutes = (seconds: number | undefined): number | undefined =>
    seconds === undefined ? undefined : seconds / 60;
  return {
    potLifeMin: minutes(potLife?.potLifeS),
    by: potLife?.by,
    warmMin: minutes(events.warmS),
    dangerMin: minutes(dangerS),
  };
}

/** Cups between these are tried, g. */
const leastG = 5;
export const greatestBatchG = 50_000;

/**
 * The largest batch that is still pourable after so many minutes: pot life falls as the batch grows.
 * @param neededMin minutes that a batch of a mass needs to be mixed and poured
 * @returns g; undefined where not even the least lasts so long
 */
export function largestBatchG(
  curing: Curing,
  neededMin: (massG: number) => number,
  resinC: number,
  roomC: number,
): number | undefined {
  const lasts = (massG: number): boolean => {
    const wantedS = neededMin(massG) * 60;
    const cup = cupOf(curing, massG);
    const found = potLifeOf(curing, { cup, resinC, roomC }, Math.max(wantedS, 1));
    return found === undefined || found.potLifeS >= wantedS;
  };
  if (!lasts(leastG)) return undefined;
  if (lasts(greatestBatchG)) return greatestBatchG;
  let low = Math.log(leastG);
  let high = Math.log(greatestBatchG);
  while (high - low > 0.02) {
    const middle = (low + high) / 2;
    if (lasts(Math.exp(middle))) low = middle;
    else high = middle;
  }
  return Math.exp(low);
}
