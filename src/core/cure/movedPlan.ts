import type { LayerJoint } from '../layers/jointOf';
import type { LayerCure } from '../plan/heat/layerClock';
import type { Plan, PlannedLayer, PourPlan } from '../plan/planTypes';
import type { ClockRange, Clocks, LayerClocks } from '../timetable/clocks';
import type { CureTimes } from './cureTimes';
import { factorsOf, hotPeakOf, plannedTimes, type MovedCure } from './movedCure';

/** A layer's clock, and how far it has moved. */
interface MovedLayer {
  readonly now: CureTimes;
  readonly by: CureTimes;
  /** Undefined for one that does not run hot. */
  readonly hotPeakMin: number | undefined;
}

const times = (minutes: number | undefined, factor: number | undefined): number | undefined =>
  minutes === undefined ? undefined : minutes * (factor ?? 1);

const hours = (minutes: number | undefined): number | undefined =>
  minutes === undefined ? undefined : minutes / 60;

const movedCureOfLayer = (cure: LayerCure, { now }: MovedLayer): LayerCure => ({
  ...cure,
  gelH: hours(now.gel),
  stickyH: { from: hours(now.stickyFrom), to: hours(now.stickyTo) },
  tackFreeH: hours(now.tackFree),
  demouldH: hours(now.demould),
  keepsShapeH: hours(now.keepsShape),
  hardH: hours(now.hard),
});

/** The later of what is known. */
const later = (...minutes: readonly (number | undefined)[]): number | undefined => {
  const known = minutes.filter((each) => each !== undefined);
  return known.length === 0 ? undefined : Math.max(...known);
};

/**
 * When the next one goes on a layer whose clock has moved. What the two wait for so that they stay cool is never shortened, and on a
 * layer that runs hot nothing is poured before its peak is past, as long as its window is open then.
 * @param hotPeakMin when a layer that runs hot peaks, min; undefined for one that does not
 */
export function movedJoint(
  joint: LayerJoint,
  by: CureTimes,
  hotPeakMin: number | undefined,
): LayerJoint {
  const { school, plannedMin, readyMin, closesMin, latestInRoomMin, coolMin } = joint;
  const from = school === 'tacky' ? by.stickyFrom : by.keepsShape;
  const isForCool = coolMin !== undefined && plannedMin !== undefined && plannedMin <= coolMin;
  const waits = times(plannedMin, isForCool ? Math.max(1, from ?? 1) : from);
  const closes = Math.min(
    times(closesMin, by.stickyTo) ?? Infinity,
    times(latestInRoomMin, by.stickyTo) ?? Infinity,
  );
  const peak = hotPeakMin !== undefined && hotPeakMin <= closes ? hotPeakMin : undefined;
  return {
    ...joint,
    plannedMin: plannedMin === undefined ? undefined : later(waits, peak),
    readyMin: times(readyMin, from),
    closesMin: times(closesMin, by.stickyTo),
    latestInRoomMin: times(latestInRoomMin, by.stickyTo),
  };
}

function movedClocks(clocks: LayerClocks, { by }: MovedLayer): LayerClocks {
  const range = (of: ClockRange | undefined, factor = 1): ClockRange | undefined =>
    of && { low: of.low * factor, mid: of.mid * factor, high: of.high * factor };
  return {
    peakMin: range(clocks.peakMin, by.peak),
    stickyFromMin: range(clocks.stickyFromMin, by.stickyFrom),
    stickyToMin: range(clocks.stickyToMin, by.stickyTo),
    keepsShapeMin: range(clocks.keepsShapeMin, by.keepsShape),
    demouldMin: range(clocks.demouldMin, by.demould),
    hardMin: range(clocks.hardMin, by.hard),
  };
}

function movedLayersOf(
  { layers }: PourPlan,
  clocks: Clocks[number] | undefined,
  moved: MovedCure,
): readonly (MovedLayer | undefined)[] {
  return layers.map((layer, at) => {
    const planned = plannedTimes(layer, clocks?.[at]?.peakMin?.mid);
    const told = moved.layers[at];
    if (planned === undefined || told === undefined) return undefined;
    const { peakC: _, ...now } = told;
    return { now, by: factorsOf(planned, now), hotPeakMin: hotPeakOf(moved, at) };
  });
}

/** The cure of a whole pour: as its last layer has moved, and nothing where that never gets hard any more. */
function movedCureMin(cureMin: number | undefined, last: MovedLayer | undefined) {
  if (last === undefined) return cureMin;
  return last.now.hard === undefined ? undefined : times(cureMin, last.by.hard);
}

/**
 * A plan whose pours were measured while they cured: what follows a layer waits as long as that layer really takes. Amounts are as
 * they were.
 * @param moved by pour; undefined for one that nothing was measured of
 */
export function movedPlan(
  plan: Plan,
  clocks: Clocks,
  moved: readonly (MovedCure | undefined)[],
): { readonly plan: Plan; readonly clocks: Clocks } {
  if (moved.every((each) => each === undefined)) return { plan, clocks };
  const by = plan.pours.map((pour, index): readonly (MovedLayer | undefined)[] => {
    const own = moved[index];
    return own === undefined ? [] : movedLayersOf(pour, clocks[index], own);
  });
  const layerOf = (layer: PlannedLayer, index: number, at: number): PlannedLayer => {
    const [own, under] = [by[index]![at], by[index]![at - 1]];
    return {
      ...layer,
      joint:
        layer.joint && under ? movedJoint(layer.joint, under.by, under.hotPeakMin) : layer.joint,
      cure: layer.cure && own ? movedCureOfLayer(layer.cure, own) : layer.cure,
    };
  };
  return {
    plan: {
      ...plan,
      pours: plan.pours.map((pour, index): PourPlan => {
        const { joins } = pour;
        const under = by[index - 1]?.at(-1);
        const waits = joins?.school === 'tacky' ? under?.by.stickyFrom : under?.by.keepsShape;
        return {
          ...pour,
          layers: pour.layers.map((layer, at) => layerOf(layer, index, at)),
          joins:
            joins === undefined || joins.typed || under === undefined
              ? joins
              : { ...joins, waitMin: times(joins.waitMin, waits) },
          times: { ...pour.times, cureMin: movedCureMin(pour.times.cureMin, by[index]!.at(-1)) },
        };
      }),
    },
    clocks: clocks.map((layers, index) =>
      layers.map((layer, at) => {
        const own = by[index]?.[at];
        return layer && own ? movedClocks(layer, own) : layer;
      }),
    ),
  };
}
