import { constantRoom } from '../../thermal/climate';
import { quickGrid } from '../../thermal/pourSetting';
import { predictPour } from '../../thermal/predict';
import type { HeatCaseOfJob } from './heatOfPlan';

/** Warmer than this nobody keeps a room for a casting, °C. */
const warmestC = 40;
/** The answer is good to this, K. */
const toleranceK = 0.5;

/**
 * The coolest room in which all of the pour gets fully hard in thirty days.
 * @returns °C; undefined where not even 40 °C are enough
 */
export function warmEnoughC({ setting, family, curing, marks }: HeatCaseOfJob): number | undefined {
  const hardensAt = (roomC: number): boolean =>
    predictPour(
      { ...setting, room: constantRoom(roomC) },
      family,
      curing,
      marks,
      quickGrid,
    ).layers.every(({ hardH }) => hardH !== undefined);
  let low = setting.room.meanC;
  let high = warmestC;
  if (low >= high || !hardensAt(high)) return undefined;
  while (high - low > toleranceK) {
    const middle = (low + high) / 2;
    if (hardensAt(middle)) high = middle;
    else low = middle;
  }
  return high;
}
