import { InputError, type Problem } from '../../problem';
import { tracedOutlines } from './measureOutlines';
import type { TypedScale } from './outlineSchemas';

/** Tapes are read to the millimetre where a trace stands alone. */
const usualStepMm = 1;

/**
 * What is traced so far: its area with its doubt, or what is wrong or missing yet.
 * @param outlines those of three points or more count
 * @param scale as typed; a length that is not there yet is a problem like any other
 */
export function readTrace(
  outlines: readonly (readonly number[])[],
  scale: TypedScale,
): { readonly areaMm2: number; readonly plusMinusMm2: number } | { readonly problem: Problem } {
  try {
    const whole = outlines.filter((points) => points.length >= 6).map((points) => ({ points }));
    if (whole.length === 0) throw new InputError('no-outlines', undefined);
    const { areaMm2, plusMinusMm2 } = tracedOutlines({ outlines: whole, scale }, usualStepMm);
    return { areaMm2, plusMinusMm2 };
  } catch (error) {
    if (error instanceof InputError) return { problem: error };
    throw error;
  }
}
