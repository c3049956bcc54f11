import { constantRoom } from '../../thermal/climate';
import { glassAfterWarmDayC } from '../../thermal/postCure';
import { quickGrid } from '../../thermal/pourSetting';
import { predictPour } from '../../thermal/predict';
import type { HeatCaseOfJob } from './heatOfPlan';

/** What would make up for a room in which a pour does not get hard. */
export interface WarmEnough {
  /** The coolest room in which all of it gets hard in thirty days, °C; undefined where not even 40 °C are enough. */
  readonly roomC: number | undefined;
  /** A warm day at the end of its thirty days. */
  readonly warmDay: { readonly softensNearC: number };
}

/** Warmer than this nobody keeps a room for a casting, °C. */
const warmestC = 40;
/** Rooms are tried in these steps, and the answer is good to this, K. */
const stepK = 3;
const toleranceK = 0.5;

function roomForHardC({ setting, family, curing, marks }: HeatCaseOfJob): number | undefined {
  const hardensAt = (roomC: number): boolean =>
    predictPour(
      { ...setting, room: constantRoom(roomC) },
      family,
      curing,
      marks,
      quickGrid,
    ).layers.every(({ hardH }) => hardH !== undefined);
  // Hard means hard at the room's own warmth: a hot room wants more, so the first that will do is looked for from below.
  let low = setting.room.meanC;
  let high = low + stepK;
  while (high <= warmestC && !hardensAt(high)) {
    low = high;
    high += stepK;
  }
  if (high > warmestC) return undefined;
  while (high - low > toleranceK) {
    const middle = (low + high) / 2;
    if (hardensAt(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/** A room that would do, and what a warm day would bring. */
export const warmEnough = (given: HeatCaseOfJob): WarmEnough => ({
  roomC: roomForHardC(given),
  warmDay: { softensNearC: glassAfterWarmDayC(given.setting, given.curing, quickGrid) },
});
