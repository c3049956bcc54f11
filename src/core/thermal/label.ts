import type { MarkTimes } from './cureMarks';

/** What is on the label, read; what is missing is undefined. */
export interface HeatLabel {
  readonly potLifeMin?: number | undefined;
  readonly massG?: number | undefined;
  readonly temperatureC?: number | undefined;
  /** The temperature is not the label's own word. */
  readonly temperatureAssumed?: boolean;
  readonly depthMm?: number | undefined;
  readonly times?: MarkTimes | undefined;
}

/** What the label and the model say of each other. */
export type LabelVerdict =
  /** No pot life: the family's own constants. */
  | { readonly code: 'no-pot-life' }
  /** Pot life only. */
  | { readonly code: 'no-depth' }
  | { readonly code: 'agrees' }
  /** Even the mildest resin overheats at that depth; planned with `plannedMm`. */
  | {
      readonly code: 'depth-too-large';
      readonly labelMm: number;
      readonly peakC: number;
      readonly plannedMm: number;
    }
  /** The label stays under what heat allows: coatings are held down by bubbles, not by heat. */
  | { readonly code: 'depth-below-heat'; readonly peakC: number };
