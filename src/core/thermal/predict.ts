import { bandOf, edgeK, flatK, type HeatBand } from './bands';
import { ceilingC } from './ceiling';
import { warmerRoom } from './climate';
import type { CureMarks } from './cureMarks';
import { edgeDepth, edgeRoomK, hardAlpha, hardByS } from './saidFigures';
import { glassTransitionC, type Curing } from './curing';
import { cellsOfLayers, type Domain } from './domain';
import { followCore, noEvents, type CoreEvents } from './followCore';
import type { HeatFamily } from '../resin/families';
import { quickGrid, type HeatGrid, type PourSetting } from './pourSetting';
import { firstReachS, recorderFor, type HeatRecord } from './record';
import { runPour } from './runPour';

/** A peak as it is told: the model's own, and what the edge test makes of it, °C. */
export interface PeakRange {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
}

/** What becomes of one layer. Hours are from its own pour; undefined for what does not happen in thirty days. */
export interface LayerHeat {
  readonly peakC: PeakRange;
  /** Undefined where it rises by less than 5 K: it is too flat to say. */
  readonly peakH: number | undefined;
  readonly gelH: number | undefined;
  /** The last place to gel. */
  readonly gelAllH: number | undefined;
  readonly tackFreeH: number | undefined;
  readonly recoatH: { readonly from: number | undefined; readonly to: number | undefined };
  readonly demouldH: number | undefined;
  /** All of it at α 0.9; undefined: it never gets fully hard in this room. */
  readonly hardH: number | undefined;
  /** The least cured place thirty days on. */
  readonly alphaEnd: number;
  readonly band: HeatBand;
  /** The peak jumps by more than 15 K when the room is 2 °C warmer, the pour a tenth deeper, or the air stiller. */
  readonly onEdge: boolean;
  /** T₀ + H/c: above this no temperature is told. */
  readonly ceilingC: number;
}

/** A pour followed to its end. */
export interface PourHeat {
  readonly layers: readonly LayerHeat[];
  readonly record: HeatRecord;
  readonly domain: Domain;
  readonly steps: number;
}

const hourS = 3600;

/** Peaks of the layers, and no more: the edge test needs nothing else. */
export function layerPeaks(
  setting: PourSetting,
  curing: Curing,
  grid: HeatGrid = quickGrid,
  untilS = 240 * hourS,
): readonly CoreEvents[] {
  const events = setting.layers.map(() => noEvents(setting.resinC));
  const lastPourS = setting.layers.at(-1)!.pouredS;
  runPour(
    setting,
    curing,
    { grid, toleranceK: setting.shape.kind === 'slab' ? 0.2 : 0.5, untilS: lastPourS + untilS },
    ({ layerCells }) => {
      const follows = layerCells.map((cells, layer) => {
        let [hottestC, mostCured] = [0, 0];
        const watch = followCore(events[layer]!, cells, curing.gelAlpha, (hot, cured) => {
          [hottestC, mostCured] = [hot, cured];
          return false;
        });
        const past = (): boolean => mostCured > 0.3 && hottestC < events[layer]!.peakC - 1;
        return { watch, past };
      });
      const all = follows.length === setting.layers.length && setting.room.swingC === 0;
      return (before, after) => {
        for (const { watch } of follows) watch(before, after);
        return all && after.timeS > lastPourS && follows.every(({ past }) => past());
      };
    },
  );
  return events;
}

/** Beside room and depth the film: what nobody knows better of their own shed. */
const edgeFilm = 6 / 9;

const edged = (setting: PourSetting, more: boolean): readonly PourSetting[] => {
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
      layers: layers.map((each) => ({ ...each, depthM: each.depthM * edgeDepth ** sign })),
    },
    { ...setting, topU: topU * factor, fan: { ...fan, topU: fan.topU * factor } },
  ];
};

/**
 * Low and high of each layer's peak: the edge test, each change by itself, and its opposites.
 * @returns °C, not held under the ceiling
 */
export function edgesOf(
  setting: PourSetting,
  curing: Curing,
  grid: HeatGrid = quickGrid,
): readonly { readonly lowC: number; readonly highC: number }[] {
  const peaks = (settings: readonly PourSetting[]): readonly (readonly number[])[] =>
    settings.map((each) => layerPeaks(each, curing, grid).map(({ peakC }) => peakC));
  const highs = peaks(edged(setting, true));
  const lows = peaks(edged(setting, false));
  return setting.layers.map((_, layer) => ({
    lowC: Math.min(...lows.map((each) => each[layer]!)),
    highC: Math.max(...highs.map((each) => each[layer]!)),
  }));
}

/** The surface of a layer, in the middle of it: where it is touched and where the next one comes. */
export function surfaceCell({ plane }: Domain, cells: Int32Array): number {
  return plane === undefined ? cells.at(-1)! : cells[cells.length - plane.resinColumns]!;
}

/** The lowest place of a layer, in the middle. */
export const undersideCell = (cells: Int32Array): number => cells[0]!;

/** How far between two figures a level lies, 0 to 1; 0 where the first is past it already. */
const shareTo = (level: number, from: number, to: number): number =>
  from < level === to < level ? 0 : (level - from) / (to - from);

/**
 * When the whole layer may leave the mould: all of it cured so far, and no warmer than it bears. Between two moments in a
 * straight line.
 */
function demouldS(
  record: HeatRecord,
  cells: Int32Array,
  curing: Curing,
  marks: CureMarks,
  fromS: number,
): number | undefined {
  const { alphas, temperaturesC, timesS } = record;
  const overGlassK = (at: number): number =>
    temperaturesC[at]! - glassTransitionC(curing, alphas[at]!);
  const isReady = (at: number): boolean =>
    alphas[at]! >= marks.demould && overGlassK(at) <= marks.demouldOverGlassK;
  for (let frame = 0; frame < record.frames; frame += 1) {
    if (timesS[frame]! < fromS) continue;
    const base = frame * record.cells;
    if (!cells.every((cell) => isReady(base + cell))) continue;
    const before = base - record.cells;
    if (frame === 0 || timesS[frame - 1]! < fromS) return timesS[frame]!;
    const share = cells.reduce(
      (most, cell) =>
        Math.max(
          most,
          shareTo(marks.demould, alphas[before + cell]!, alphas[base + cell]!),
          shareTo(marks.demouldOverGlassK, overGlassK(before + cell), overGlassK(base + cell)),
        ),
      0,
    );
    return timesS[frame - 1]! + share * (timesS[frame]! - timesS[frame - 1]!);
  }
  return undefined;
}

/** The last of these places to come to a degree of cure, s; undefined where one of them does not. */
function lastReachS(record: HeatRecord, cells: Int32Array, level: number): number | undefined {
  let lastS = 0;
  for (const cell of cells) {
    const reachS = firstReachS(record, record.alphas, cell, level);
    if (reachS === undefined) return undefined;
    if (reachS > lastS) lastS = reachS;
  }
  return lastS;
}

/**
 * Follows a pour for thirty days and tells what becomes of each layer.
 * @param edges from `edgesOf`; without them the peak is told without a range
 * @throws InputError `heat-lost-itself`
 */
export function predictPour(
  setting: PourSetting,
  family: HeatFamily,
  curing: Curing,
  marks: CureMarks,
  grid: HeatGrid,
  edges?: readonly { readonly lowC: number; readonly highC: number }[],
): PourHeat {
  const lastPourS = setting.layers.at(-1)!.pouredS;
  const events = setting.layers.map(() => noEvents(setting.resinC));
  let recorder: ReturnType<typeof recorderFor> | undefined;
  const wholeCells = cellsOfLayers(setting, grid).reduce((sum, rows) => sum + rows, 0);
  const run = runPour(
    setting,
    curing,
    {
      grid,
      toleranceK: setting.shape.kind === 'slab' ? 0.1 : 0.5,
      untilS: lastPourS + hardByS,
      longestStepS: 1.5 * hourS,
      longestShare: 0.08,
    },
    (domain, start, fromS) => {
      const columns = domain.plane?.columns ?? 1;
      const underneath = domain.plane?.firstResinRow ?? domain.chain?.resinFrom ?? 0;
      recorder ??= recorderFor((wholeCells + underneath) * columns);
      const record = recorder.over(domain, start, fromS);
      const follows = domain.layerCells.map((cells, layer) =>
        followCore(events[layer]!, cells, curing.gelAlpha),
      );
      return (before, after) => {
        for (const follow of follows) follow(before, after);
        return record(before, after);
      };
    },
  );
  const record = recorder!.end();
  const topC = ceilingC(setting, curing);
  const told = (peakC: number): number => Math.min(peakC, topC);
  const layers = setting.layers.map(({ pouredS }, layer): LayerHeat => {
    const cells = run.domain.layerCells[layer]!;
    const { peakC, peakS, gelS, fastestAfterGel } = events[layer]!;
    const surface = surfaceCell(run.domain, cells);
    const fromPour = (timeS: number | undefined): number | undefined =>
      timeS === undefined ? undefined : (timeS - pouredS) / hourS;
    const surfaceAt = (alpha: number): number | undefined =>
      fromPour(firstReachS(record, record.alphas, surface, alpha));
    const { lowC = peakC, highC = peakC } = edges?.[layer] ?? {};
    const lastFrame = (record.frames - 1) * record.cells;
    return {
      peakC: {
        low: told(Math.min(lowC, peakC)),
        mid: told(peakC),
        high: told(Math.max(highC, peakC)),
      },
      peakH: peakC - setting.resinC < flatK ? undefined : fromPour(peakS),
      gelH: fromPour(gelS),
      gelAllH: fromPour(lastReachS(record, cells, curing.gelAlpha)),
      tackFreeH: surfaceAt(marks.tackFree),
      recoatH: { from: surfaceAt(marks.recoatFrom), to: surfaceAt(marks.recoatTo) },
      demouldH: fromPour(demouldS(record, cells, curing, marks, pouredS)),
      hardH: fromPour(lastReachS(record, cells, hardAlpha)),
      alphaEnd: cells.reduce((least, cell) => Math.min(least, record.alphas[lastFrame + cell]!), 1),
      band: bandOf(family, peakC, fastestAfterGel),
      onEdge: highC - peakC > edgeK,
      ceilingC: topC,
    };
  });
  return { layers, record, domain: run.domain, steps: run.steps };
}
