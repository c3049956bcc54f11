import { edgeK } from './bands';
import { warmerRoom } from './climate';
import type { CureMarks } from './cureMarks';
import type { Curing } from './curing';
import type { HeatFamily } from '../resin/families';
import { keystrokeGrid, scaledLayer, type PourSetting } from './pourSetting';
import { predictMiddle, type LayerHeat } from './predict';
import { edgeDepth, edgeRoomK } from './saidFigures';

/** From the least to the greatest that a label, a room, a depth and its air leave open; `mid` is the plan's own. */
export interface Range {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
}

/** The same of a time, h; null: not within thirty days. */
export interface TimeRange {
  readonly low: number | null;
  readonly mid: number | null;
  readonly high: number | null;
}

/** What is told as a range besides the peak. */
const times = {
  peakH: ({ peakH }: LayerHeat) => peakH,
  gelH: ({ gelH }: LayerHeat) => gelH,
  stickyFromH: ({ recoatH }: LayerHeat) => recoatH.from,
  stickyToH: ({ recoatH }: LayerHeat) => recoatH.to,
  tackFreeH: ({ tackFreeH }: LayerHeat) => tackFreeH,
  demouldH: ({ demouldH }: LayerHeat) => demouldH,
  keepsShapeH: ({ keepsShapeH }: LayerHeat) => keepsShapeH,
  hardH: ({ hardH }: LayerHeat) => hardH,
} as const;
export type RangedTime = keyof typeof times;
const rangedTimes = Object.keys(times) as readonly RangedTime[];
const timeOf = (layer: LayerHeat, what: RangedTime): number | undefined => times[what](layer);

/** A resin as one of the readings of its label. */
export interface Reading {
  readonly curing: Curing;
  readonly marks: CureMarks;
}

/** What others make of a layer beside what its own resin does in its own room: all on the same few cells. */
export interface LayerSpread {
  readonly own: LayerHeat;
  /** Its own resin in other air, another room, another depth. */
  readonly edges: readonly LayerHeat[];
  /** Other readings of its label. */
  readonly readings: readonly LayerHeat[];
}

/** Beside room and depth the film: what nobody knows better of their own shed. */
const edgeFilm = 6 / 9;

/**
 * A pour as it may stand in another shed: the room 2 °C warmer, the pour a tenth deeper, the air stiller, each by itself.
 * @param more false: cooler, shallower, livelier
 */
export const edged = (setting: PourSetting, more: boolean): readonly PourSetting[] => {
  const sign = more ? 1 : -1;
  const factor = more ? edgeFilm : 1 / edgeFilm;
  const { room, resinC, layers, topU, fan } = setting;
  return [
    // Resin that is as warm as the room is so in a warmer one too.
    {
      ...setting,
      room: warmerRoom(room, sign * edgeRoomK),
      resinC: resinC === room.meanC ? resinC + sign * edgeRoomK : resinC,
    },
    {
      ...setting,
      layers: layers.map((each) => scaledLayer(each, edgeDepth ** sign)),
    },
    { ...setting, topU: topU * factor, fan: { ...fan, topU: fan.topU * factor } },
  ];
};

/**
 * Follows a pour as it is, in the edge test and by the other readings of its label, and tells what each makes of each layer.
 * @param own as planned
 */
export function spreadOf(
  setting: PourSetting,
  family: HeatFamily,
  own: Reading,
  others: readonly Reading[],
): readonly LayerSpread[] {
  const grid = keystrokeGrid(setting);
  const follow = (where: PourSetting, { curing, marks }: Reading): readonly LayerHeat[] =>
    predictMiddle(where, family, curing, marks, grid).layers;
  const itself = follow(setting, own);
  const edges = [...edged(setting, true), ...edged(setting, false)].map((each) =>
    follow(each, own),
  );
  const readings = others.map((each) => follow(setting, each));
  return itself.map((layer, at) => ({
    own: layer,
    edges: edges.map((each) => each[at]!),
    readings: readings.map((each) => each[at]!),
  }));
}

/**
 * The range of a peak: how far others lie over and under the own, put on what is told.
 * @param toldC °C
 * @returns never above what all of its heat at once would come to
 */
export function peakRange(toldC: number, { own, edges, readings }: LayerSpread): Range {
  const overK = [...edges, ...readings].map(({ peakC }) => peakC - own.peakC);
  const ceilings = [own, ...edges, ...readings].map(({ ceilingC }) => ceilingC);
  return {
    low: toldC + Math.min(0, ...overK),
    mid: toldC,
    high: Math.min(toldC + Math.max(0, ...overK), Math.max(toldC, ...ceilings)),
  };
}

/** The peak jumps when the room is 2 °C warmer, the pour a tenth deeper, or the air stiller. */
export const isOnEdge = ({ own, edges }: LayerSpread): boolean =>
  edges.some(({ peakC }) => peakC - own.peakC > edgeK);

/**
 * The range of a time: others as shares of the own, put on what is told.
 * @param toldH h; undefined for what is not told to come
 */
function timeRange(
  toldH: number | undefined,
  what: RangedTime,
  { own, edges, readings }: LayerSpread,
): TimeRange {
  const others = [...edges, ...readings].map((each) => timeOf(each, what));
  const come = others.filter((each) => each !== undefined);
  const ownH = timeOf(own, what);
  if (toldH === undefined) {
    return { low: come.length === 0 ? null : Math.min(...come), mid: null, high: null };
  }
  if (ownH === undefined || !(ownH > 0)) return { low: toldH, mid: toldH, high: toldH };
  return {
    low: toldH * Math.min(1, ...come.map((each) => each / ownH)),
    mid: toldH,
    // What is too flat to have a peak tells nothing of when it comes.
    high:
      come.length < others.length && what !== 'peakH'
        ? null
        : toldH * Math.max(1, ...come.map((each) => each / ownH)),
  };
}

/** All times of a layer as ranges. @param told what is told of it */
export const timeRanges = (
  told: LayerHeat,
  spread: LayerSpread,
): Readonly<Record<RangedTime, TimeRange>> =>
  Object.fromEntries(
    rangedTimes.map((what) => [what, timeRange(timeOf(told, what), what, spread)]),
  ) as Readonly<Record<RangedTime, TimeRange>>;
