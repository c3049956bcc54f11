import { InputError } from '../problem';
import type { Kind } from './kinds';
import { parseQuantity, type ReadQuantity } from './parseQuantity';
import type { QuantityRule } from './rules';

/**
 * What was read before, by rule and text: a job is planned on every keystroke, and all of its texts but one are as they
 * were. Only what is right is kept; past this many it begins anew.
 */
const mostKept = 5000;
const kept = new WeakMap<object, Map<string, ReadQuantity>>();

/**
 * Reads a typed quantity and holds it to the rule of its field.
 * @throws InputError the codes of `parseQuantity`, `not-positive`, `too-small`, `too-large`
 */
export function readQuantity<K extends Kind>(
  typed: string,
  rule: QuantityRule<K>,
): ReadQuantity<K> {
  const known = kept.get(rule) ?? new Map<string, ReadQuantity>();
  const found = known.get(typed);
  // Kept under its own rule, so it is of one of the rule's kinds.
  if (found !== undefined) return found as ReadQuantity<K>;
  const read = readNew(typed, rule);
  if (known.size >= mostKept) known.clear();
  known.set(typed, read);
  kept.set(rule, known);
  return read;
}

function readNew<K extends Kind>(typed: string, rule: QuantityRule<K>): ReadQuantity<K> {
  const wanted = { expected: rule.kinds, example: rule.example };
  let read: ReadQuantity<K>;
  try {
    read = parseQuantity(typed, ...rule.kinds);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    throw new InputError(error.code, typed, { ...wanted, ...error.data });
  }
  const { least } = rule;
  if (least.excluded === true && read.value <= least.value) {
    throw new InputError('not-positive', typed, wanted);
  }
  if (read.value < least.value) {
    throw new InputError('too-small', typed, { ...wanted, least: least.text });
  }
  const greatest = rule.greatest[read.kind];
  if (read.value > greatest.value) {
    throw new InputError('too-large', typed, { ...wanted, greatest: greatest.text });
  }
  return read;
}
