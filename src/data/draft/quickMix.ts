import { batchOfAmount, type AmountBatch } from '../../core/mix/batchOfAmount';
import { InputError } from '../../core/problem';
import type { Resin } from '../../core/resin/resinSchema';

/** A quick mix as the person left it. */
export interface QuickMix {
  /** Of one batch. */
  readonly amount: string;
  readonly resinId: string;
  readonly batches: string;
}

/** A quick mix and what it is of. */
export interface QuickDraft {
  readonly quick: QuickMix;
  readonly resin: Resin | undefined;
}

/** A quick mix is weighed on a fine scale. */
export const quickScaleStep = '0.1 g';

/**
 * A and B before the planner is there; undefined where it has to say what is wrong. The planner's own figures are the same, and
 * take its place.
 */
export function firstFigures({ quick, resin }: QuickDraft): AmountBatch | undefined {
  if (resin === undefined || quick.batches !== '1' || quick.amount === '') return undefined;
  try {
    return batchOfAmount(quick.amount, resin, quickScaleStep);
  } catch (error) {
    if (error instanceof InputError) return undefined;
    throw error;
  }
}
