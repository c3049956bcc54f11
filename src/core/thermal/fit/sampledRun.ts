import type { CureMarks } from '../cureMarks';
import { glassTransitionC, type Curing } from '../curing';
import type { Domain } from '../domain';
import { cellAtC, crossedAtS } from '../followCore';
import { keystrokeGrid, type PourSetting } from '../pourSetting';
import { surfaceCell } from '../predict';
import { runPour } from '../runPour';
import { hardByS } from '../saidFigures';
import type { Moment, Watch } from '../stepping';

/** Where a temperature of a pour is taken: in its warmest place, or on its surface. */
export type PouredPlace = 'core' | 'surface';

/** A temperature that was measured, at a time after the first layer was poured. */
export interface PourReading {
  readonly timeS: number;
  readonly place: PouredPlace;
  readonly c: number;
}

/** What a person can see or feel of a layer without an instrument. */
export const seenMarks = ['gel', 'tackFree', 'demould'] as const;
export type SeenMark = (typeof seenMarks)[number];

/** When one of them was seen, after the first layer was poured. */
export interface SeenTime {
  readonly mark: SeenMark;
  /** Counted from 0. */
  readonly layer: number;
  readonly timeS: number;
}

/** Somebody felt how firm a surface was: then it had cured at least, and at most, so far. */
export interface FeltTime {
  /** Counted from 0. */
  readonly layer: number;
  readonly timeS: number;
  readonly leastAlpha: number;
  readonly mostAlpha: number;
}

/** What a run says where somebody looked: as many of each as were asked, in their order. */
export interface Sampled {
  readonly readingsC: readonly number[];
  /** s after the first layer was poured; undefined for what does not happen in thirty days. */
  readonly seenS: readonly (number | undefined)[];
  /** How far the surface had cured where it was felt. */
  readonly feltAlpha: readonly number[];
}

/** Finer than what a thermometer shows, so that slopes between two runs are those of the model. */
const toleranceK = { slab: 0.05, channel: 0.25, cup: 0.25 } as const;

/** As a prediction that is shown. */
const longestSeenStepS = 1.5 * 3600;

/** How far a cell is past a mark, in the degree of cure or in K; nothing and more is past it. */
type Past = (moment: Moment, cell: number) => number;

/** Of a layer, when everything that a mark asks for holds in all its cells: between two steps in a straight line. */
function wholeAtS(
  before: Moment,
  after: Moment,
  cells: Int32Array,
  conditions: readonly Past[],
): number | undefined {
  if (!cells.every((cell) => conditions.every((past) => past(after, cell) >= 0))) return undefined;
  let share = 0;
  for (const cell of cells) {
    for (const past of conditions) {
      const [was, is] = [past(before, cell), past(after, cell)];
      if (was < 0) share = Math.max(share, was / (was - is));
    }
  }
  return before.timeS + share * (after.timeS - before.timeS);
}

/** When a mark is come to inside a step; undefined where it is not by its end. */
function seenInStep(
  mark: SeenMark,
  domain: Domain,
  layer: number,
  curing: Curing,
  marks: CureMarks,
): (before: Moment, after: Moment) => number | undefined {
  const cells = domain.layerCells[layer]!;
  if (mark === 'demould') {
    const conditions: readonly Past[] = [
      ({ alphas }, cell) => alphas[cell]! - marks.demould,
      ({ alphas, temperaturesC }, cell) =>
        glassTransitionC(curing, alphas[cell]!) + marks.demouldOverGlassK - temperaturesC[cell]!,
    ];
    return (before, after) => wholeAtS(before, after, cells, conditions);
  }
  const level = mark === 'gel' ? curing.gelAlpha : marks.tackFree;
  const placeOf = ({ alphas }: Moment): number =>
    mark === 'gel'
      ? cells.reduce((most, cell) => (alphas[cell]! > alphas[most]! ? cell : most), cells[0]!)
      : surfaceCell(domain, cells);
  return (before, after) => {
    const cell = placeOf(after);
    if (after.alphas[cell]! < level) return undefined;
    return before.alphas[cell]! >= level
      ? before.timeS
      : crossedAtS(before, after, 'alphas', cell, level);
  };
}

function hottestOf({ temperaturesC }: Moment, cells: Int32Array): number {
  let hottest = cells[0]!;
  for (const cell of cells) if (temperaturesC[cell]! > temperaturesC[hottest]!) hottest = cell;
  return hottest;
}

/**
 * Runs a pour and tells what it says where somebody looked.
 * @param readings and `seen` and `felt` in any order
 * @throws InputError `heat-lost-itself`
 */
export function sampledRun(
  setting: PourSetting,
  curing: Curing,
  marks: CureMarks,
  readings: readonly Pick<PourReading, 'timeS' | 'place'>[],
  seen: readonly Pick<SeenTime, 'mark' | 'layer'>[],
  felt: readonly Pick<FeltTime, 'layer' | 'timeS'>[] = [],
): Sampled {
  const order = readings.map((_, at) => at).sort((a, b) => readings[a]!.timeS - readings[b]!.timeS);
  const readingsC = readings.map(() => setting.resinC);
  const seenS = seen.map((): number | undefined => undefined);
  const feltAlpha = felt.map(() => 0);
  const lastReadS = [...readings, ...felt].reduce((last, { timeS }) => Math.max(last, timeS), 0);
  const lastPourS = setting.layers.at(-1)!.pouredS;
  let next = 0;
  runPour(
    setting,
    curing,
    {
      grid: keystrokeGrid(setting),
      toleranceK: toleranceK[setting.shape.kind],
      ...(seen.length === 0
        ? { untilS: Math.max(lastReadS, 1) }
        : // What is seen late lies between two steps: they must not be far apart.
          {
            untilS: Math.max(lastReadS, lastPourS + hardByS),
            longestStepS: longestSeenStepS,
            longestShare: 0.08,
          }),
    },
    (domain): Watch => {
      const watches = seen.map(({ mark, layer }) =>
        domain.layerCells[layer] === undefined
          ? undefined
          : seenInStep(mark, domain, layer, curing, marks),
      );
      const surface = surfaceCell(domain, domain.layerCells.at(-1)!);
      return (before, after) => {
        while (next < order.length && readings[order[next]!]!.timeS <= after.timeS) {
          const { timeS, place } = readings[order[next]!]!;
          const cell = place === 'core' ? hottestOf(after, domain.resinCells) : surface;
          readingsC[order[next]!] = cellAtC(before, after, cell, Math.max(timeS, before.timeS));
          next += 1;
        }
        watches.forEach((watch, at) => (seenS[at] ??= watch?.(before, after)));
        felt.forEach(({ layer, timeS }, at) => {
          const cells = domain.layerCells[layer];
          if (cells === undefined || timeS < before.timeS || timeS > after.timeS) return;
          const cell = surfaceCell(domain, cells);
          const share = (timeS - before.timeS) / (after.timeS - before.timeS);
          feltAlpha[at] =
            before.alphas[cell]! + share * (after.alphas[cell]! - before.alphas[cell]!);
        });
        return (
          next === order.length &&
          after.timeS >= lastReadS &&
          seenS.every((each) => each !== undefined)
        );
      };
    },
  );
  return { readingsC, seenS, feltAlpha };
}
