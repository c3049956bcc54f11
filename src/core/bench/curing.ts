import type { CuringPour } from '../cure/watchCure';
import { movedJoint } from '../cure/movedPlan';
import { factorsOf, hotPeakOf, plannedTimes } from '../cure/movedCure';
import type { CureTimes } from '../cure/cureTimes';
import { windowOfJoint } from '../timetable/windows';
import { pourOf, type BenchCopy, type LayerTimes } from './benchCopy';
import { movedOf } from './benchEvents';
import type { BenchState } from './benchState';

const msPerS = 1000;

/** Layers that were begun, from the first on: those that heat sees. */
function begunAtOf({ cure }: BenchCopy, { layers }: Pick<BenchState, 'layers'>): readonly number[] {
  const begun: number[] = [];
  for (const { begunAt, pouredAt } of layers.slice(0, cure?.setting.layers.length ?? 0)) {
    if (begunAt === undefined || pouredAt === undefined) break;
    begun.push(begunAt);
  }
  return begun;
}

/**
 * What a pour that is curing is watched by.
 * @returns undefined before a layer is poured, and where no model follows it
 */
export function curingPourOf(copy: BenchCopy, state: BenchState): CuringPour | undefined {
  const { cure } = copy;
  const begun = begunAtOf(copy, state);
  const [first] = begun;
  if (cure === undefined || first === undefined) return undefined;
  const afterS = (at: number): number => (at - first) / msPerS;
  const since = state.events.filter(({ at }) => at > first);
  return {
    planned: { ...cure.setting, layers: cure.setting.layers.slice(0, begun.length) },
    begunS: begun.map(afterS),
    family: cure.family,
    candidates: cure.candidates,
    readings: since.flatMap(({ did, place, c, at }) =>
      did === 'read' && (place === 'core' || place === 'surface') && c !== undefined
        ? [{ timeS: afterS(at), place, c }]
        : [],
    ),
    felt: since.flatMap(({ did, layer, test, found, at }) =>
      did === 'felt' &&
      layer !== undefined &&
      layer < begun.length &&
      test !== undefined &&
      found !== undefined
        ? [{ layer, timeS: afterS(at), test, state: found }]
        : [],
    ),
    room: since.flatMap(({ did, place, c, at }) =>
      did === 'read' && place === 'room' && c !== undefined ? [{ timeS: afterS(at), c }] : [],
    ),
  };
}

/** The times of a layer as they stand: as planned, or as what was measured moved them. Undefined where no model follows it. */
export function timesOfLayer(
  copy: BenchCopy,
  state: Pick<BenchState, 'events'>,
  layer: number,
): CureTimes | undefined {
  const planned = plannedTimes(pourOf(copy).layers[layer]!, copy.cure?.layers[layer]?.peakMin);
  const moved = movedOf(state)?.layers[layer];
  if (moved === undefined || planned === undefined) return planned;
  const { peakC: _, ...now } = moved;
  return now;
}

/** How far the clocks of a layer have moved; undefined where they have not. */
function movedBy(copy: BenchCopy, state: Pick<BenchState, 'events'>, layer: number) {
  const planned = plannedTimes(pourOf(copy).layers[layer]!, copy.cure?.layers[layer]?.peakMin);
  const now = timesOfLayer(copy, state, layer);
  return planned === undefined || now === undefined || movedOf(state)?.layers[layer] === undefined
    ? undefined
    : factorsOf(planned, now);
}

/** When the next layer goes on one, min after that was begun, by what was measured of it; undefined for the last. */
export function nextWindow(
  copy: BenchCopy,
  state: Pick<BenchState, 'events'>,
  layer: number,
): LayerTimes['nextMin'] {
  const planned = copy.layerTimes[layer]?.nextMin;
  const joint = pourOf(copy).layers[layer + 1]?.joint;
  if (planned === undefined || joint === undefined) return planned;
  const by = movedBy(copy, state, layer);
  if (by === undefined) return planned;
  const moved = movedOf(state);
  const hotPeakMin = moved && hotPeakOf(moved, layer);
  const { fromMin, toMin } = windowOfJoint(movedJoint(joint, by, hotPeakMin), undefined);
  return { from: fromMin, to: Number.isFinite(toMin) ? toMin : undefined };
}
