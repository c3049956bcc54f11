import { InputError } from '../problem';
import {
  dimensionOfKind,
  dimensionOfProduct,
  plainNumber,
  sameDimension,
  type Dimension,
} from './kinds';
import type { Token } from './tokens';
import { unitOf, type Unit } from './units';

/** A number with its dimension; the amount is in the base unit that the dimension has. */
export interface Measured {
  readonly amount: number;
  readonly dimension: Dimension;
}

/** mm³ per base unit of volume: the base is ml, so that litres and densities stay exact. */
const cubicMmPerMl = 1000;

const baseSize = ({ length }: Dimension): number =>
  length === 3 ? cubicMmPerMl : length === -3 ? 1 / cubicMmPerMl : 1;

function combined(left: Measured, right: Measured, power: 1 | -1): Measured {
  const dimension = dimensionOfProduct(left.dimension, right.dimension, power);
  const size =
    (baseSize(left.dimension) * baseSize(right.dimension) ** power) / baseSize(dimension);
  return { amount: left.amount * right.amount ** power * size, dimension };
}

/**
 * The value of a sum such as `3*120+45 mm` or `4' 7"`.
 *
 * One unit at the very end belongs to the whole sum; otherwise every term carries its own.
 * Quantities written side by side add up, and a bare number after feet is inches.
 *
 * @throws InputError `unreadable`, `missing-unit` (a term without one), `divided-by-zero`
 */
export function evaluate(tokens: readonly Token[], typed: string): Measured {
  const unitTokens = tokens.filter((token) => token.type === 'unit');
  const last = tokens.at(-1);
  if (unitTokens.length === 1 && last?.type === 'unit' && tokens.length > 2) {
    const whole = evaluateTerms(tokens.slice(0, -1), typed);
    return combined(whole, { amount: last.unit.inBaseUnits, dimension: dimensionOf(last.unit) }, 1);
  }
  return evaluateTerms(tokens, typed);
}

const dimensionOf = (unit: Unit): Dimension => dimensionOfKind[unit.kind];

/** Where reading stands: rules below take from `next` on and move it. */
interface Cursor {
  readonly tokens: readonly Token[];
  readonly typed: string;
  next: number;
}

interface WithUnit {
  readonly value: Measured;
  readonly unit: Unit | undefined;
}

const unreadable = ({ typed }: Cursor): InputError => new InputError('unreadable', typed);

function evaluateTerms(tokens: readonly Token[], typed: string): Measured {
  const cursor: Cursor = { tokens, typed, next: 0 };
  const value = sum(cursor);
  if (cursor.next < tokens.length) throw unreadable(cursor);
  return value;
}

/** Takes the next token if it is one of these signs. */
function takeSign(cursor: Cursor, ...signs: string[]): string | undefined {
  const token = cursor.tokens[cursor.next];
  if (token?.type !== 'sign' || !signs.includes(token.sign)) return undefined;
  cursor.next += 1;
  return token.sign;
}

/** sum := product (('+' | '-') product)* */
function sum(cursor: Cursor): Measured {
  let total = product(cursor);
  for (let sign = takeSign(cursor, '+', '-'); sign; sign = takeSign(cursor, '+', '-')) {
    const term = product(cursor);
    if (!sameDimension(total.dimension, term.dimension)) {
      const bare = [total, term].some((each) => sameDimension(each.dimension, plainNumber));
      throw bare ? new InputError('missing-unit', cursor.typed) : unreadable(cursor);
    }
    total = { ...total, amount: total.amount + (sign === '+' ? term.amount : -term.amount) };
  }
  return total;
}

/** product := factor (('*' | '/') factor)* */
function product(cursor: Cursor): Measured {
  let total = factor(cursor);
  for (let sign = takeSign(cursor, '*', '/'); sign; sign = takeSign(cursor, '*', '/')) {
    const right = factor(cursor);
    if (sign === '/' && right.amount === 0) throw new InputError('divided-by-zero', cursor.typed);
    total = combined(total, right, sign === '*' ? 1 : -1);
  }
  return total;
}

/** factor := ('-' | '+') factor | '(' sum ')' unit? | compound */
function factor(cursor: Cursor): Measured {
  const sign = takeSign(cursor, '-', '+');
  if (sign !== undefined) {
    const value = factor(cursor);
    return sign === '-' ? { ...value, amount: -value.amount } : value;
  }
  if (takeSign(cursor, '(') !== undefined) {
    const inner = sum(cursor);
    if (takeSign(cursor, ')') === undefined) throw unreadable(cursor);
    return withUnit(cursor, inner).value;
  }
  return compound(cursor);
}

/** compound := number unit? (number unit?)*, each smaller than the one before: 4' 7" */
function compound(cursor: Cursor): Measured {
  let { value: total, unit: before } = single(cursor);
  while (cursor.tokens[cursor.next]?.type === 'number' && before !== undefined) {
    let { value, unit } = single(cursor);
    if (unit === undefined && before.symbol === 'ft') {
      unit = unitOf('in');
      value = { amount: value.amount * unit.inBaseUnits, dimension: dimensionOfKind.length };
    } else if (unit === undefined) {
      throw new InputError('missing-unit', cursor.typed);
    } else if (unit.kind !== before.kind || unit.inBaseUnits >= before.inBaseUnits) {
      throw unreadable(cursor);
    }
    total = { ...total, amount: total.amount + value.amount };
    before = unit;
  }
  return total;
}

/** single := number unit? */
function single(cursor: Cursor): WithUnit {
  const token = cursor.tokens[cursor.next];
  if (token?.type !== 'number') throw unreadable(cursor);
  cursor.next += 1;
  return withUnit(cursor, { amount: token.value, dimension: plainNumber });
}

function withUnit(cursor: Cursor, value: Measured): WithUnit {
  const token = cursor.tokens[cursor.next];
  if (token?.type !== 'unit') return { value, unit: undefined };
  cursor.next += 1;
  const one = { amount: token.unit.inBaseUnits, dimension: dimensionOf(token.unit) };
  return { value: combined(value, one, 1), unit: token.unit };
}
