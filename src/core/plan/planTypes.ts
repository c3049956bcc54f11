import type { LayerVolume } from '../layers/splitAtHeights';
import type { Allowance } from '../measure/allowances/allowances';
import type { Doubt } from '../measure/doubt';
import type { MeasuredInsert } from '../measure/inserts/placeInserts';
import type { HeightVolume, MeasuredPart } from '../measure/measureWhole';
import type { PartWarning } from '../measure/measured';
import type { Mould } from '../measure/mould/mouldSchema';
import type { MixAmounts } from '../mix/amounts';
import type { ScaleFigures } from '../mix/onScale';
import type { ProblemData } from '../problem';
import type { ResinFamily } from '../resin/families';
import type { MixRatio } from '../resin/ratio';
import type { Resin } from '../resin/resinSchema';

/** What a warning or a reason is about, by code; words live in the interface. */
export interface Warning {
  readonly code:
    | 'deeper-than-label'
    | 'scale-too-coarse'
    | 'resin-not-on-shelf'
    | 'mould-not-in-library'
    | 'over-container'
    | PartWarning['code'];
  readonly severity: 'tell' | 'warn';
  readonly data: ProblemData;
}

/** The rule that decided a figure, with the inputs that went in. */
export interface Reason {
  readonly figure: 'cavityMl' | 'overage' | 'totalMl' | 'ratio' | 'batches' | 'scale';
  readonly rule: string;
  readonly data: ProblemData;
}

export interface PlannedBatch extends MixAmounts {
  /** Which layer it is for, counted from 0. */
  readonly layer: number;
  readonly onScale: ScaleFigures;
}

export interface PlannedLayer extends LayerVolume, MixAmounts {}

/** Everything that follows from a job: derived, serialisable, never stored. All figures unrounded. */
export interface Plan {
  readonly name: string;
  readonly roomTemperatureC: number;
  readonly parts: readonly MeasuredPart[];
  readonly inserts: readonly MeasuredInsert[];
  readonly depthMm: number | undefined;
  /** What there is to fill: parts less inserts. */
  readonly cavityMl: number;
  readonly cavityPlusMinusMl: number;
  readonly cavityErrs: Doubt['errs'];
  /** V(h) of what there is to fill; empty where a part has no form. */
  readonly heightCurve: readonly HeightVolume[];
  /** What is mixed besides, each by itself; those that are off count nothing. */
  readonly allowances: readonly Allowance[];
  readonly cavityUsFlOz: number;
  readonly cavityImperialFlOz: number;
  readonly totalMl: number;
  readonly totalG: number;
  readonly a: MixAmounts['a'];
  readonly b: MixAmounts['b'];
  readonly resin: {
    readonly name: string;
    readonly family: ResinFamily;
    readonly statedBy: 'volume' | 'weight';
    readonly ratio: MixRatio;
  };
  readonly layers: readonly PlannedLayer[];
  readonly batches: readonly PlannedBatch[];
  readonly why: readonly Reason[];
  readonly warnings: readonly Warning[];
}

/** What the person has. */
export interface Shelf {
  readonly resins: readonly Resin[];
  readonly moulds: readonly Mould[];
}
