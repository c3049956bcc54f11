import { InputError, type ProblemData } from '../problem';
import type { Kind } from './kinds';
import { parseQuantity, type ReadQuantity } from './parseQuantity';
import type { QuantityRule } from './rules';

/**
 * Reads a typed quantity and holds it to the rule of its field.
 * @throws InputError the codes of `parseQuantity`, `not-positive`, `too-small`, `too-large`
 */
export function readQuantity<K extends Kind>(
  typed: string,
  rule: QuantityRule<K>,
): ReadQuantity<K> {
  const data: ProblemData = { expected: rule.kinds, example: rule.example };
  const refuse = (code: string, more: ProblemData = {}): InputError =>
    new InputError(code, typed, { ...data, ...more });
  let read: ReadQuantity<K>;
  try {
    read = parseQuantity(typed, ...rule.kinds);
  } catch (error) {
    throw error instanceof InputError ? refuse(error.code, error.data) : error;
  }
  const { least } = rule;
  if (least.excluded === true && read.value <= least.value) throw refuse('not-positive');
  if (read.value < least.value) throw refuse('too-small', { least: least.text });
  const greatest = rule.greatest[read.kind];
  if (read.value > greatest.value) throw refuse('too-large', { greatest: greatest.text });
  return read;
}
