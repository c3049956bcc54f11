import { within } from '../measure/within';
import { readQuantity } from '../quantity/readQuantity';
import { lengthRule } from '../quantity/rules';

/**
 * A length of a mould box as it is typed, mm.
 * @throws InputError those of `readQuantity`, at its field
 */
export const readAt = <T extends string | undefined>(
  field: string,
  typed: T,
): T extends string ? number : number | undefined =>
  (typed === undefined
    ? undefined
    : within(field, () => readQuantity(typed, lengthRule).value)) as T extends string
    ? number
    : number | undefined;
