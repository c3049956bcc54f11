import { InputError } from '../problem';
import { roundUpWhole } from '../quantity/round';

/** More cups than this is a wrong container, not a plan. */
export const mostBatches = 500;

/**
 * How many equal batches a need takes.
 * @param needMl mixed resin
 * @param limitMl what one container holds at its fill limit
 * @throws InputError `container-too-small`
 */
export function batchCount(needMl: number, limitMl: number): number {
  const count = roundUpWhole(needMl / limitMl);
  if (count > mostBatches) {
    throw new InputError(
      'container-too-small',
      limitMl,
      { limitMl, needMl, count, most: mostBatches },
      'container.capacity',
    );
  }
  return Math.max(1, count);
}
