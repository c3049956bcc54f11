import { cureTimes, type CureTime } from '../cure/cureTimes';
import { factorsOf } from '../cure/movedCure';
import { paceOf, type Pace } from '../cure/pace';
import { pourOf, type BenchCopy } from './benchCopy';
import type { BenchState } from './benchState';
import { movedOf } from './benchEvents';
import { nextWindow, timesOfLayer } from './curing';

const msPerMin = 60_000;

/** What one waits for of a layer: its clock's times, and when it may be planed. */
export type CureStage = CureTime | 'plane';

/** One of them, with when it comes. */
export interface StagedTime {
  readonly stage: CureStage;
  /** Ms; undefined for what does not come in thirty days in this room. */
  readonly at: number | undefined;
  /** From the earliest to the latest that its label leaves open, ms; undefined at an end that may not come, and where nothing is open. */
  readonly range:
    { readonly from: number | undefined; readonly to: number | undefined } | undefined;
}

/** A layer that is poured, with where it stands. */
export interface CuringLayer {
  /** Counted from 0. */
  readonly layer: number;
  readonly begunAt: number;
  readonly peakC: number | undefined;
  /** In the order in which they come by the plan. */
  readonly stages: readonly StagedTime[];
}

/** What one waits for before the next layer goes on, in the sticky window or once it keeps its shape. */
const tackyStages = ['gel', 'peak', 'stickyFrom', 'stickyTo', 'tackFree'] as const;
const scuffStages = ['gel', 'peak', 'tackFree', 'keepsShape'] as const;

/**
 * Where the layers of a pour are that are in the mould, by the plan or by what was measured since.
 * @returns nothing where no model follows it
 */
export function curingLayers(copy: BenchCopy, state: BenchState): readonly CuringLayer[] {
  const { cure } = copy;
  const pour = pourOf(copy);
  if (cure === undefined) return [];
  const moved = movedOf(state);
  return state.layers.flatMap(({ begunAt, pouredAt }, layer): readonly CuringLayer[] => {
    const now = timesOfLayer(copy, state, layer);
    const planned = timesOfLayer(copy, { events: [] }, layer);
    if (begunAt === undefined || pouredAt === undefined || now === undefined) return [];
    const by = planned === undefined ? {} : factorsOf(planned, now);
    const isLast = layer === pour.layers.length - 1;
    const at = (min: number | undefined): number | undefined =>
      min === undefined ? undefined : begunAt + min * msPerMin;
    const rangeOf = (what: CureTime): StagedTime['range'] => {
      const range = cure.layers[layer]?.ranges[what];
      if (range === undefined) return undefined;
      const factor = by[what] ?? 1;
      const end = (min: number | null): number | undefined =>
        min === null ? undefined : at(min * factor);
      return { from: end(range.lowMin), to: end(range.highMin) };
    };
    const minOf = (what: CureTime): number | undefined => {
      const min = now[what];
      // A label that asks for longer than the model stands, as in the days.
      return what === 'demould' && isLast && min !== undefined
        ? Math.max(min, cure.labelOutMin ?? 0)
        : min;
    };
    // What one waits for on the way to the next layer, or to the end.
    const school = pour.layers[layer + 1]?.joint?.school;
    const window = nextWindow(copy, state, layer);
    const told =
      school === undefined
        ? cureTimes.filter((what) => what !== 'stickyFrom' && what !== 'stickyTo')
        : school === 'tacky'
          ? tackyStages
          : scuffStages;
    const timeOf = (what: CureTime): number | undefined => {
      if (window === undefined) return minOf(what);
      if (what === 'stickyFrom') return window.from;
      if (what === 'stickyTo') return window.to;
      return what === 'keepsShape' && school === 'scuff' ? window.from : minOf(what);
    };
    const stages = told
      .filter((what) => what !== 'peak' || now.peak !== undefined)
      .map((what): StagedTime => ({ stage: what, at: at(timeOf(what)), range: rangeOf(what) }));
    const plane: readonly StagedTime[] =
      isLast && pour.kind !== 'covers'
        ? [
            {
              stage: 'plane',
              // What never gets hard is never planed.
              at: now.hard === undefined ? undefined : at(Math.max(now.hard, cure.planeAfterMin)),
              range: undefined,
            },
          ]
        : [];
    return [
      {
        layer,
        begunAt,
        peakC: moved?.layers[layer]?.peakC ?? cure.layers[layer]?.peakC,
        stages: [...stages, ...plane],
      },
    ];
  });
}

/**
 * What comes next of a pour, by its topmost layer; undefined once it is hard, and where nothing is told. Where another layer is to
 * follow, its window comes before everything.
 */
export function nextStage(
  layers: readonly CuringLayer[],
  now: number,
): (StagedTime & { readonly layer: number; readonly at: number }) | undefined {
  const top = layers.at(-1);
  const isWaitedFor = top?.stages.some(
    ({ stage, at }) => stage === 'stickyTo' && at !== undefined && at > now,
  );
  const next = top?.stages
    .flatMap((each) =>
      each.at !== undefined &&
      each.at > now &&
      each.stage !== 'plane' &&
      !(each.stage === 'tackFree' && isWaitedFor === true)
        ? [{ ...each, at: each.at, layer: top.layer }]
        : [],
    )
    .sort((one, other) => one.at - other.at);
  return next?.[0];
}

/** How a pour cures beside its plan; undefined before anything was measured. */
export function paceOfPour(copy: BenchCopy, state: BenchState): Pace | undefined {
  const moved = movedOf(state);
  if (moved === undefined) return undefined;
  const planned = timesOfLayer(copy, { events: [] }, moved.layers.length - 1);
  return paceOf(moved, planned?.peak ?? planned?.gel);
}
