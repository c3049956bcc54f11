import { InputError } from '../problem';
import { evaluate } from './evaluate';
import { kindOfDimension, plainNumber, sameDimension, type Kind } from './kinds';
import { parseTemperature } from './parseTemperature';
import { tokensOf } from './tokens';

/** What was read: the kind it turned out to be and the value in that kind's base unit. */
export interface ReadQuantity<K extends Kind = Kind> {
  readonly kind: K;
  /** In the base unit of its kind, see `kinds.ts`. */
  readonly value: number;
}

/** Longer texts are not measurements; the limit keeps a pasted page from being parsed. */
export const longestQuantityText = 200;

/**
 * Reads what a person typed for a quantity: any unit of its kind, fractions, decimal comma, sums.
 *
 * @param typed e.g. `2-1/2 in`, `41 3/8"`, `4' 7"`, `6,5 cm`, `3*120+45 mm`, `600 mm * 400 mm`
 * @param kinds the kinds that are welcome here, the usual one first
 * @throws InputError `empty`, `missing-unit`, `wrong-kind`, `unreadable`, `unknown-unit`,
 *   `ambiguous-unit`, `ambiguous-comma`, `divided-by-zero`, `not-a-number`, `too-long`
 */
export function parseQuantity<K extends Kind>(typed: string, ...kinds: K[]): ReadQuantity<K> {
  const expected = { expected: kinds };
  if (typed.trim() === '') throw new InputError('empty', typed, expected);
  if (typed.length > longestQuantityText) {
    throw new InputError('too-long', typed, { longest: longestQuantityText });
  }
  const first = kinds[0];
  if (first === 'temperature') return { kind: first, value: parseTemperature(typed) };
  try {
    const { amount, dimension } = evaluate(tokensOf(typed), typed);
    if (sameDimension(dimension, plainNumber)) throw new InputError('missing-unit', typed);
    const found = kindOfDimension(dimension);
    const kind = kinds.find((each) => each === found);
    if (kind === undefined) throw new InputError('wrong-kind', typed, { found });
    if (!Number.isFinite(amount)) throw new InputError('not-a-number', typed);
    return { kind, value: amount };
  } catch (error) {
    if (error instanceof InputError) {
      throw new InputError(error.code, typed, { ...expected, ...error.data });
    }
    throw error;
  }
}

/**
 * The typed text with a unit behind it where the person left it out: `300` becomes `300 mm`.
 * Text that has a unit, or cannot be read at all, comes back as it is.
 */
export function withUnitIfBare(typed: string, unitSymbol: string): string {
  if (typed.trim() === '' || typed.length > longestQuantityText) return typed;
  try {
    const tokens = tokensOf(typed);
    const bare =
      tokens.some(({ type }) => type === 'number') && !tokens.some(({ type }) => type === 'unit');
    return bare ? `${typed.trim()} ${unitSymbol}` : typed;
  } catch (error) {
    if (error instanceof InputError) return typed;
    throw error;
  }
}
