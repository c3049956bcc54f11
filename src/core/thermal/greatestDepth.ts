import type { Curing } from './curing';
import { heatKindOf, type HeatFamily } from '../resin/families';
import { peakOf } from './peakOf';
import { quickGrid, type HeatGrid, type PourSetting } from './pourSetting';

/** A pour whose peak is this hot is as deep as one may go: near the upper end of the warm band. */
const epoxyLimitC = 62;
/** The bands of polyurethanes lie this much higher, and so does their limit, K: they harden hot and are made to. */
const polyurethaneMoreK = 25;

/** The peak that one may come to with a family, °C. */
export const depthLimitC = (family: HeatFamily): number =>
  heatKindOf(family) === 'polyurethane' ? epoxyLimitC + polyurethaneMoreK : epoxyLimitC;

/** Depths between which a limit is looked for, m. */
const leastDepthM = 0.0005;
const greatestDepthM = 0.5;
/** A depth is good to this share. */
export const depthTolerance = 0.003;

/**
 * How deep one pour may be so that it peaks at the limit.
 * Newton's secant on ln depth, held inside a bracket: peaks climb steeply and never fall with the depth.
 * @param setting its first layer's depth is where the search starts
 * @returns m; 0.5 m where even that stays under the limit, undefined where not even half a millimetre does
 */
export function depthForPeakM(
  setting: PourSetting,
  curing: Curing,
  limitC: number,
  grid: HeatGrid = quickGrid,
): number | undefined {
  const layer = setting.layers[0]!;
  const overAt = (depthM: number): number =>
    peakOf({ ...setting, layers: [{ ...layer, depthM }] }, curing, limitC, grid).peakC - limitC;
  let low = { logM: Math.log(leastDepthM), over: -Infinity };
  let high = { logM: Math.log(greatestDepthM), over: Infinity };
  let logM = Math.min(Math.max(Math.log(layer.depthM), low.logM), high.logM);
  for (let run = 0; run < 40; run += 1) {
    const over = overAt(Math.exp(logM));
    if (over > 0) high = { logM, over };
    else low = { logM, over };
    if (Math.abs(over) < 0.05) return Math.exp(logM);
    if (!Number.isFinite(low.over)) {
      if (logM <= low.logM + depthTolerance) return undefined;
      logM = Math.max(Math.log(leastDepthM), logM - reach(over));
      continue;
    }
    if (!Number.isFinite(high.over)) {
      if (logM >= Math.log(greatestDepthM) - depthTolerance) return greatestDepthM;
      logM = Math.min(Math.log(greatestDepthM), logM + reach(over));
      continue;
    }
    if (high.logM - low.logM < depthTolerance) return Math.exp(logM);
    const share = -low.over / (high.over - low.over);
    // Never so near an end that the bracket barely shrinks.
    logM = low.logM + (high.logM - low.logM) * Math.min(0.9, Math.max(0.1, share));
  }
  return Math.exp((low.logM + high.logM) / 2);
}

/** First reach for the other side: a kelvin of peak is about two hundredths of the depth. */
const reach = (over: number): number => Math.min(0.5, Math.max(0.03, Math.abs(over) * 0.02));

/** A point of the curve: the greatest depth at a temperature of the room. */
export interface DepthPoint {
  readonly roomC: number;
  /** Undefined where nothing can be poured. */
  readonly depthM: number | undefined;
}

/**
 * Greatest depth against the temperature of the room, each search started from its neighbour's depth.
 * @param settingAt the pour in a room of that temperature
 * @param roomsC from cold to warm
 */
export function depthCurve(
  settingAt: (roomC: number) => PourSetting,
  curing: Curing,
  roomsC: readonly number[],
  limitC: number,
): readonly DepthPoint[] {
  const points: DepthPoint[] = [];
  let startM: number | undefined;
  let ratio = 1;
  for (const roomC of roomsC) {
    const setting = settingAt(roomC);
    const layers =
      startM === undefined ? setting.layers : [{ ...setting.layers[0]!, depthM: startM * ratio }];
    const depthM = depthForPeakM({ ...setting, layers }, curing, limitC);
    points.push({ roomC, depthM });
    // The curve is close to an exponential: the next step is about as large as the last.
    if (depthM !== undefined && startM !== undefined) ratio = depthM / startM;
    startM = depthM ?? startM;
  }
  return points;
}
