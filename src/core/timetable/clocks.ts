import type { ResolvedJob } from '../job/resolveJob';
import { ownPeakOf } from '../cure/ownPeak';
import {
  followJob,
  heatCaseOf,
  type HeatCaseOfJob,
  type PlannedHeat,
} from '../plan/heat/heatOfPlan';
import type { Plan, Shelf } from '../plan/planTypes';
import { InputError } from '../problem';

/** From the earliest to the latest that a label leaves open, min after a layer is poured. */
export interface ClockRange {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
}

/** What a layer's clock says besides the plan's own moments; undefined where no model follows it. */
export interface LayerClocks {
  /** Undefined where its rise is none to speak of. */
  readonly peakMin: ClockRange | undefined;
  readonly stickyFromMin: ClockRange | undefined;
  readonly stickyToMin: ClockRange | undefined;
  readonly keepsShapeMin: ClockRange | undefined;
  readonly demouldMin: ClockRange | undefined;
  readonly hardMin: ClockRange | undefined;
}

/** By pour and layer. */
export type Clocks = readonly (readonly (LayerClocks | undefined)[])[];

const hour = 60;

function rangeOf(
  range: { low: number | null; mid: number | null; high: number | null } | undefined,
): ClockRange | undefined {
  if (range?.mid === undefined || range.mid === null) return undefined;
  const { low, mid, high } = range;
  return { low: (low ?? mid) * hour, mid: mid * hour, high: (high ?? Infinity) * hour };
}

/** A range about another time, as wide for its size. */
const scaledTo = (mid: number, range: ClockRange | undefined): ClockRange =>
  range === undefined
    ? { low: mid, mid, high: mid }
    : { low: (mid * range.low) / range.mid, mid, high: (mid * range.high) / range.mid };

function clocksOfLayer(
  { ranges, peakH }: PlannedHeat,
  layer: number,
  given: HeatCaseOfJob,
): LayerClocks {
  const whole = peakH === undefined ? undefined : rangeOf(ranges?.peakH);
  const own = ownPeakOf(given, layer)?.peakMin;
  return {
    peakMin: own === undefined ? whole : scaledTo(own, whole),
    stickyFromMin: rangeOf(ranges?.stickyFromH),
    stickyToMin: rangeOf(ranges?.stickyToH),
    keepsShapeMin: rangeOf(ranges?.keepsShapeH),
    demouldMin: rangeOf(ranges?.demouldH),
    hardMin: rangeOf(ranges?.hardH),
  };
}

/**
 * When what happens in each layer, with what its label leaves open. Takes up to a second for a large job: it runs in a worker.
 */
export const clocksOf = (resolved: ResolvedJob, plan: Plan, shelf?: Shelf): Clocks =>
  plan.pours.map((_, index) => {
    try {
      const given = heatCaseOf(resolved, plan, index, shelf);
      return given.told
        ? followJob(given, { ranges: true }).plan.layers.map((layer, at) =>
            clocksOfLayer(layer, at, given),
          )
        : [];
    } catch (error) {
      // What the model refuses is told at the heat step; here the label alone counts.
      if (error instanceof InputError) return [];
      throw error;
    }
  });
