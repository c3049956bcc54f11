import { bandOf, flatK, type HeatBand } from './bands';
import { ceilingC } from './ceiling';
import type { CureMarks } from './cureMarks';
import { hardByS, shapeMarginK } from './saidFigures';
import { glassTransitionC, type Curing } from './curing';
import { rowsOfPour, type Domain } from './domain';
import { followCore, noEvents, type CoreEvents } from './followCore';
import type { HeatFamily } from '../resin/families';
import { coarseGrid, quickGrid, thicknessM, type HeatGrid, type PourSetting } from './pourSetting';
import { firstReachS, recorderFor, type HeatRecord } from './record';
import { runPour } from './runPour';

/** What becomes of one layer. Hours are from its own pour; undefined for what does not happen in thirty days. */
export interface LayerHeat {
  /** Never above `ceilingC`. */
  readonly peakC: number;
  /** Undefined where it rises by less than 5 K: it is too flat to say. */
  readonly peakH: number | undefined;
  readonly gelH: number | undefined;
  /** The last place to gel. */
  readonly gelAllH: number | undefined;
  readonly tackFreeH: number | undefined;
  readonly recoatH: { readonly from: number | undefined; readonly to: number | undefined };
  readonly demouldH: number | undefined;
  /** Its glass transition is 5 K over the warmest that it meets, everywhere: it no longer bends. */
  readonly keepsShapeH: number | undefined;
  /** The same at 10 K, or at what the label calls cured; undefined: not within thirty days in this room. */
  readonly hardH: number | undefined;
  /** The least glass transition thirty days on: it softens near this. */
  readonly softensNearC: number;
  /** The coldest that the middle of its surface is until it has gelled there, °C. */
  readonly coldestSurfaceC: number;
  /** The least cured place thirty days on. */
  readonly alphaEnd: number;
  readonly band: HeatBand;
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
  const events = setting.layers.map((layer) => noEvents(layer.resinC ?? setting.resinC));
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

/** The surface of a layer, in the middle of it: where it is touched and where the next one comes. */
export function surfaceCell({ plane }: Domain, cells: Int32Array): number {
  return plane === undefined ? cells.at(-1)! : cells[cells.length - plane.resinColumns]!;
}

/** The two cells that half-way down a layer lies between, in the middle; one of them twice where it lies in it. */
export function middleCells({ plane }: Domain, cells: Int32Array): readonly [number, number] {
  const columns = plane?.resinColumns ?? 1;
  const rows = cells.length / columns;
  return [cells[Math.floor((rows - 1) / 2) * columns]!, cells[Math.floor(rows / 2) * columns]!];
}

/** The lowest place of a layer, in the middle. */
export const undersideCell = (cells: Int32Array): number => cells[0]!;

/** The last frame that is not later than a time. */
function frameBefore({ timesS, frames }: HeatRecord, timeS: number): number {
  let frame = frames - 1;
  while (frame > 0 && timesS[frame]! > timeS) frame -= 1;
  return frame;
}

/** What must hold of a place, told as how much there is of it over what it takes: nothing and more is enough. */
type Condition = (at: number) => number;

/**
 * When conditions first hold everywhere in a layer. Between two moments in a straight line.
 * @returns s; undefined where they never do
 */
function firstHoldS(
  record: HeatRecord,
  cells: Int32Array,
  conditions: readonly Condition[],
  fromS: number,
): number | undefined {
  const { timesS, frames } = record;
  for (let frame = 0; frame < frames; frame += 1) {
    if (timesS[frame]! < fromS) continue;
    const base = frame * record.cells;
    if (!cells.every((cell) => conditions.every((over) => over(base + cell) >= 0))) continue;
    if (frame === 0) return timesS[frame]!;
    const before = base - record.cells;
    let share = 0;
    for (const cell of cells) {
      for (const over of conditions) {
        const [was, is] = [over(before + cell), over(base + cell)];
        if (was < 0) share = Math.max(share, was / (was - is));
      }
    }
    const [early, late] = [timesS[frame - 1]!, timesS[frame]!];
    return Math.max(fromS, early + share * (late - early));
  }
  return undefined;
}

/** When a layer may leave its mould, keeps its shape and is hard, each not before the one before it. */
function hardening(
  { alphas, temperaturesC, ...record }: HeatRecord,
  cells: Int32Array,
  curing: Curing,
  marks: CureMarks,
  warmestRoomC: number,
  fromS: number,
): Readonly<Record<'demouldS' | 'shapeS' | 'hardS', number | undefined>> {
  const whole = { alphas, temperaturesC, ...record };
  const glassC = (at: number): number => glassTransitionC(curing, alphas[at]!);
  // Once it is out of the mould it lives in its room, at the warmest that comes there.
  const overK =
    (marginK: number): Condition =>
    (at) =>
      glassC(at) - Math.max(temperaturesC[at]!, warmestRoomC) - marginK;
  const demouldS = firstHoldS(
    whole,
    cells,
    [
      (at) => alphas[at]! - marks.demould,
      (at) => glassC(at) + marks.demouldOverGlassK - temperaturesC[at]!,
    ],
    fromS,
  );
  const shapeS = demouldS && firstHoldS(whole, cells, [overK(shapeMarginK)], demouldS);
  const hardS = shapeS && firstHoldS(whole, cells, [overK(marks.hardMarginK)], shapeS);
  return { demouldS, shapeS, hardS };
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

/** The coldest that a place is from its pour on until it has come to a degree of cure, °C. */
function coldestUntil(
  { timesS, frames, cells, temperaturesC, alphas }: HeatRecord,
  cell: number,
  level: number,
  fromS: number,
): number {
  let coldestC = Infinity;
  for (let frame = 0; frame < frames; frame += 1) {
    if (timesS[frame]! < fromS) continue;
    const at = frame * cells + cell;
    const here = temperaturesC[at]!;
    // The frame of the moment of its pour may be the last without it.
    if (here < coldestC) coldestC = here;
    if (alphas[at]! >= level) break;
  }
  return coldestC;
}

/** Times that count only when they hold everywhere. */
const everywhere = ['gelAllH', 'demouldH', 'keepsShapeH', 'hardH'] as const;

/** So many times as wide as deep, a channel is in its middle what a slab is. */
const wideAs = 8;

/** The border of a wide pour: a channel that is just wide enough. Undefined where it has no side. */
function borderOf(setting: PourSetting): PourSetting | undefined {
  const { shape, layers, below = [] } = setting;
  if (shape.kind !== 'slab' || shape.side === undefined) return undefined;
  const depthM = [...below, ...layers].reduce((sum, layer) => sum + thicknessM(layer), 0);
  return { ...setting, shape: { kind: 'channel', widthM: wideAs * depthM, side: shape.side } };
}

/** The later of two times; what does not happen at one of them does not happen. */
const later = (one: number | undefined, other: number | undefined): number | undefined =>
  one === undefined || other === undefined ? undefined : Math.max(one, other);

/**
 * Follows a pour for thirty days and tells what becomes of each layer. A wide pour is followed in its middle; what must hold
 * everywhere waits for its border too.
 * @throws InputError `heat-lost-itself`
 */
export function predictPour(
  setting: PourSetting,
  family: HeatFamily,
  curing: Curing,
  marks: CureMarks,
  grid: HeatGrid,
): PourHeat {
  const middle = predictMiddle(setting, family, curing, marks, grid);
  return { ...middle, layers: withBorder(middle.layers, setting, family, curing, marks) };
}

/** What becomes of the layers of a wide pour with its border counted: as they are where it has none. */
export function withBorder(
  middle: readonly LayerHeat[],
  setting: PourSetting,
  family: HeatFamily,
  curing: Curing,
  marks: CureMarks,
): readonly LayerHeat[] {
  const border = borderOf(setting);
  if (border === undefined) return middle;
  const beside = predictMiddle(border, family, curing, marks, coarseGrid).layers;
  return middle.map((layer, at): LayerHeat => {
    const other = beside[at]!;
    const times = Object.fromEntries(
      everywhere.map((each) => [each, later(layer[each], other[each])]),
    ) as Pick<LayerHeat, (typeof everywhere)[number]>;
    return {
      ...layer,
      ...times,
      alphaEnd: Math.min(layer.alphaEnd, other.alphaEnd),
      softensNearC: Math.min(layer.softensNearC, other.softensNearC),
    };
  });
}

/** The same without its border: what is told of its middle and its surface. */
export function predictMiddle(
  setting: PourSetting,
  family: HeatFamily,
  curing: Curing,
  marks: CureMarks,
  grid: HeatGrid,
): PourHeat {
  const lastPourS = setting.layers.at(-1)!.pouredS;
  const events = setting.layers.map((layer) => noEvents(layer.resinC ?? setting.resinC));
  let recorder: ReturnType<typeof recorderFor> | undefined;
  const wholeCells = rowsOfPour(setting, curing, grid);
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
  const layers = setting.layers.map(({ pouredS, resinC = setting.resinC }, layer): LayerHeat => {
    const cells = run.domain.layerCells[layer]!;
    const { peakC, peakS, gelS, fastestAfterGel } = events[layer]!;
    const surface = surfaceCell(run.domain, cells);
    const fromPour = (timeS: number | undefined): number | undefined =>
      // A lower layer is followed for longer than its own thirty days: what comes later is not told.
      timeS === undefined || timeS - pouredS > hardByS ? undefined : (timeS - pouredS) / hourS;
    const surfaceAt = (alpha: number): number | undefined =>
      fromPour(firstReachS(record, record.alphas, surface, alpha));
    const lastFrame = frameBefore(record, pouredS + hardByS) * record.cells;
    const alphaEnd = cells.reduce(
      (least, cell) => Math.min(least, record.alphas[lastFrame + cell]!),
      1,
    );
    const { demouldS, shapeS, hardS } = hardening(
      record,
      cells,
      curing,
      marks,
      setting.room.meanC + setting.room.swingC,
      pouredS,
    );
    return {
      peakC: Math.min(peakC, topC),
      peakH: peakC - resinC < flatK ? undefined : fromPour(peakS),
      gelH: fromPour(gelS),
      gelAllH: fromPour(lastReachS(record, cells, curing.gelAlpha)),
      tackFreeH: surfaceAt(marks.tackFree),
      recoatH: { from: surfaceAt(marks.recoatFrom), to: surfaceAt(marks.recoatTo) },
      demouldH: fromPour(demouldS),
      keepsShapeH: fromPour(shapeS),
      hardH: fromPour(hardS),
      softensNearC: glassTransitionC(curing, alphaEnd),
      coldestSurfaceC: coldestUntil(record, surface, curing.gelAlpha, pouredS),
      alphaEnd,
      band: bandOf(family, peakC, fastestAfterGel),
      ceilingC: topC,
    };
  });
  return { layers, record, domain: run.domain, steps: run.steps };
}
