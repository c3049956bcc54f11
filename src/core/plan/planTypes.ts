import type { LayerVolume } from '../layers/splitAtHeights';
import type { MeasuredPart } from '../measure/measureParts';
import type { MixAmounts } from '../mix/amounts';
import type { ScaleFigures } from '../mix/onScale';
import type { ProblemData } from '../problem';
import type { ResinFamily } from '../resin/families';
import type { MixRatio } from '../resin/ratio';
import type { Resin } from '../resin/resinSchema';

/** What a warning or a reason is about, by code; words live in the interface. */
export interface Warning {
  readonly code: 'deeper-than-label' | 'scale-too-coarse' | 'resin-not-on-shelf' | 'over-container';
  readonly severity: 'tell' | 'warn';
  readonly data: ProblemData;
}

/** The rule that decided a figure, with the inputs that went in. */
export interface Reason {
  readonly figure: 'cavityMl' | 'totalMl' | 'ratio' | 'batches' | 'scale';
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
  readonly depthMm: number | undefined;
  readonly cavityMl: number;
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

/** What the person has: for now, resin cards. */
export interface Shelf {
  readonly resins: readonly Resin[];
}
