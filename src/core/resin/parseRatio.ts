import { InputError } from '../problem';

/** A ratio as a label writes it: so many parts of A to so many of B. */
export interface TypedRatio {
  readonly a: number;
  readonly b: number;
}

/** A figure; a comma before three digits could be one of thousands, so that is none. */
const part = String.raw`(\d{1,5}(?:\.\d{1,4}|,(?!\d{3}(?!\d))\d{1,4})?)`;
const ratio = new RegExp(String.raw`^\s*${part}\s*(?::|/|to)\s*${part}\s*$`, 'i');
/** Beyond this no resin is mixed; a catalyst of 0.1 % is the least that anybody weighs. */
export const mostToOne = 1000;

/**
 * A mixing ratio that is typed in one go: `2:1`, `100 : 33.3`, `100/45`, `10 to 1`, `100:33,3`.
 * @throws InputError `not-a-ratio`, `ratio-out-of-range`
 */
export function parseRatio(text: string): TypedRatio {
  const [, typedA, typedB] = ratio.exec(text) ?? [];
  const a = Number(typedA?.replace(',', '.'));
  const b = Number(typedB?.replace(',', '.'));
  if (!(a > 0) || !(b > 0)) throw new InputError('not-a-ratio', text);
  if (Math.max(a / b, b / a) > mostToOne) {
    throw new InputError('ratio-out-of-range', text, { mostToOne });
  }
  return { a, b };
}
