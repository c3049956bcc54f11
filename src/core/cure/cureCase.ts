import type { HeatFamily } from '../resin/families';
import type { HeatCaseOfJob, PlannedHeat } from '../plan/heat/heatOfPlan';
import type { Candidate } from '../thermal/fit/fitReadings';
import type { PourSetting } from '../thermal/pourSetting';
import { ownPeakOf } from './ownPeak';
import { cureTimes, type CureTime } from './cureTimes';

/** What a label leaves open of a time, min after the layer was begun; null: not within thirty days. */
export interface CureRange {
  readonly lowMin: number | null;
  readonly highMin: number | null;
}

/** All that is needed to follow a pour while it cures, as it was when the pour was begun. */
export interface CureCase {
  readonly family: HeatFamily;
  /** With all layers that heat sees, at the moments of the plan. */
  readonly setting: PourSetting;
  /** What its label leaves the mix to be, its own calibration first. */
  readonly candidates: readonly [Candidate, ...(readonly Candidate[])];
  readonly layers: readonly {
    /** Its own peak, before the next layer is poured on it where it comes before that. */
    readonly peakMin: number | undefined;
    readonly peakC: number;
    readonly ranges: Readonly<Partial<Record<CureTime, CureRange>>>;
  }[];
  /** When its label lets it leave the form, min after its last layer was begun; undefined where it does not say. */
  readonly labelOutMin: number | undefined;
  /** Planed no sooner than this, min after its last layer was begun, however hard it is: large pours go on shrinking. */
  readonly planeAfterMin: number;
}

const minutes = (hours: number | null, factor: number): number | null =>
  hours === null ? null : hours * 60 * factor;

/**
 * A layer's peak and ranges as a plan tells them.
 * @param layer counted from 0
 */
export function cureLayerOf(
  { peakH, peakC, ranges }: PlannedHeat,
  layer: number,
  given: HeatCaseOfJob,
): CureCase['layers'][number] {
  const own = ownPeakOf(given, layer);
  return {
    peakMin: own?.peakMin ?? (peakH === undefined ? undefined : peakH * 60),
    peakC: own?.peakC ?? peakC.mid,
    ranges:
      ranges === undefined
        ? {}
        : Object.fromEntries(
            cureTimes.map((what) => {
              const { low, high } = ranges[`${what}H`];
              const factor =
                what === 'peak' && own !== undefined && peakH !== undefined
                  ? own.peakMin / (peakH * 60)
                  : 1;
              return [what, { lowMin: minutes(low, factor), highMin: minutes(high, factor) }];
            }),
          ),
  };
}

/** The mixes that a label leaves open. */
export const candidatesOfCase = ({
  curing,
  marks,
  otherReadings,
}: Pick<HeatCaseOfJob, 'curing' | 'marks' | 'otherReadings'>): CureCase['candidates'] => [
  { curing, marks, weight: 1 },
  ...otherReadings(),
];
