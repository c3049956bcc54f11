import { batchOfAmount, type AmountBatch } from '../../core/mix/batchOfAmount';
import { InputError, type Problem } from '../../core/problem';
import { parseRatio } from '../../core/resin/parseRatio';
import type { Resin } from '../../core/resin/resinSchema';
import { sayTypedRatio } from '../../words/typedRatio';

/** A quick mix as the person left it. */
export interface QuickMix {
  /** Of one batch. */
  readonly amount: string;
  readonly resinId: string;
  readonly batches: string;
  /** What was read off a label, of a resin that is not on the shelf. */
  readonly label?: LabelRatio | undefined;
}

/** A mixing ratio as it is typed off a label. */
export interface LabelRatio {
  readonly ratio: string;
  readonly by: 'volume' | 'weight';
}

/** Stands in place of the id of a resin: it is no card, its label is at hand. */
export const fromLabel = 'label';

export const unreadLabel: LabelRatio = { ratio: '', by: 'volume' };

/** What a label's ratio alone tells of a resin; the rest is as usual for a deep-pour epoxy. A problem where it is no ratio. */
export function resinOfLabel({ ratio, by }: LabelRatio): Resin | Problem {
  try {
    const { a, b } = parseRatio(ratio);
    return { name: sayTypedRatio({ by, a, b }), family: 'deep-pour-epoxy', ratio: { by, a, b } };
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

/**
 * The resin of a quick mix: a card of the shelf, or what its label says.
 * @returns the resin, or what is wrong with the ratio; nothing while none is typed
 */
export function resinOfQuick(
  { resinId, label = unreadLabel }: QuickMix,
  shelf: readonly Resin[],
): { readonly resin?: Resin; readonly problem?: Problem; readonly isLabel: boolean } {
  const isLabel = resinId === fromLabel || shelf.length === 0;
  if (!isLabel) {
    const resin = shelf.find(({ id }) => id === resinId) ?? shelf[0];
    return { isLabel, ...(resin === undefined ? {} : { resin }) };
  }
  if (label.ratio.trim() === '') return { isLabel };
  const read = resinOfLabel(label);
  return 'code' in read ? { isLabel, problem: read } : { isLabel, resin: read };
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
