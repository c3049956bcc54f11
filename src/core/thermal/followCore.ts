import { bucketWarmC } from './saidFigures';
import { crossingOf, cubicAt, summitOf, type Cubic } from './hermite';
import type { Moment, Watch } from './stepping';

/** What the hottest place of the resin went through. Times in seconds; undefined while it has not happened. */
export interface CoreEvents {
  peakC: number;
  peakS: number;
  /** The first place to gel. */
  gelS: number | undefined;
  /** The first place to pass 40 °C: a cup that is there is on its way. */
  warmS: number | undefined;
  /** The fastest that the hottest place warmed after it had gelled, K/s. */
  fastestAfterGel: number;
}

const cubicOf = (
  before: Moment,
  after: Moment,
  what: 'temperaturesC' | 'alphas',
  slope: 'warming' | 'curing',
  cell: number,
): Cubic => {
  const stepS = after.timeS - before.timeS;
  return {
    start: before[what][cell]!,
    end: after[what][cell]!,
    startSlope: before[slope][cell]! * stepS,
    endSlope: after[slope][cell]! * stepS,
  };
};

/** When a value of a cell passed a level inside a step, s. */
export function crossedAtS(
  before: Moment,
  after: Moment,
  what: 'temperaturesC' | 'alphas',
  cell: number,
  level: number,
): number {
  const slope = what === 'alphas' ? 'curing' : 'warming';
  const share = crossingOf(cubicOf(before, after, what, slope, cell), level);
  return before.timeS + share * (after.timeS - before.timeS);
}

/** How warm a cell was at a moment inside a step, °C. */
export function cellAtC(before: Moment, after: Moment, cell: number, timeS: number): number {
  const share = (timeS - before.timeS) / (after.timeS - before.timeS);
  return cubicAt(cubicOf(before, after, 'temperaturesC', 'warming', cell), share);
}

/** Nothing has happened yet. */
export const noEvents = (startC: number): CoreEvents => ({
  peakC: startC,
  peakS: 0,
  gelS: undefined,
  warmS: undefined,
  fastestAfterGel: 0,
});

/**
 * Follows the hottest place of a run: its peak between the steps, the first gel, the first 40 °C.
 * @param events written as they happen
 * @param resinCells numbers of the cells that cure
 * @param stop asked after every step; true ends the run
 */
export function followCore(
  events: CoreEvents,
  resinCells: Int32Array,
  gelAlpha: number,
  stop: (hottestC: number, mostCured: number) => boolean = () => false,
): Watch {
  return (before, after) => {
    const { temperaturesC, alphas, warming } = after;
    let hottest = resinCells[0]!;
    let mostCured = hottest;
    for (let at = 1; at < resinCells.length; at += 1) {
      const cell = resinCells[at]!;
      if (temperaturesC[cell]! > temperaturesC[hottest]!) hottest = cell;
      if (alphas[cell]! > alphas[mostCured]!) mostCured = cell;
    }
    const hottestC = temperaturesC[hottest]!;
    if (before.warming[hottest]! > 0 && warming[hottest]! < 0) {
      const way = cubicOf(before, after, 'temperaturesC', 'warming', hottest);
      const share = summitOf(way);
      const summitC = cubicAt(way, share);
      if (summitC > events.peakC) {
        events.peakC = summitC;
        events.peakS = before.timeS + share * (after.timeS - before.timeS);
      }
    }
    if (hottestC > events.peakC) {
      events.peakC = hottestC;
      events.peakS = after.timeS;
    }
    if (events.warmS === undefined && hottestC >= bucketWarmC) {
      events.warmS =
        before.temperaturesC[hottest]! >= bucketWarmC
          ? before.timeS
          : crossedAtS(before, after, 'temperaturesC', hottest, bucketWarmC);
    }
    if (alphas[mostCured]! >= gelAlpha) {
      events.gelS ??=
        before.alphas[mostCured]! >= gelAlpha
          ? before.timeS
          : crossedAtS(before, after, 'alphas', mostCured, gelAlpha);
      if (warming[hottest]! > events.fastestAfterGel) events.fastestAfterGel = warming[hottest]!;
    }
    return stop(hottestC, alphas[mostCured]!);
  };
}
