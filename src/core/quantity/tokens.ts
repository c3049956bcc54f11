import { InputError } from '../problem';
import { ambiguousUnits, units, type Unit } from './units';

export type Token =
  | { readonly type: 'number'; readonly value: number }
  | { readonly type: 'unit'; readonly unit: Unit }
  | { readonly type: 'sign'; readonly sign: '+' | '-' | '*' | '/' | '(' | ')' };

const vulgarFractions: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅙': '1/6',
  '⅚': '5/6',
};

/** Typographic signs that phones and paper put in place of the plain ones. */
const plainSigns: readonly (readonly [RegExp, string])[] = [
  [/[“”″]|''/g, '"'],
  [/[‘’′]/g, "'"],
  [/[×✕·]/g, '*'],
  [/÷/g, '/'],
  [/⁄/g, '/'],
  [/[−–—‐‑]/g, '-'],
  [/²/g, '2'],
  [/³/g, '3'],
  [/μ/g, 'µ'],
  [/[\s\u00a0\u202f]+/g, ' '],
];

/** `2½` and `2-½` are both two and a half, so the hyphen between digit and sign goes. */
const vulgarFraction = /(?<=\d)-?([½⅓⅔¼¾⅕⅛⅜⅝⅞⅙⅚])|([½⅓⅔¼¾⅕⅛⅜⅝⅞⅙⅚])/g;

function plain(text: string): string {
  const spelledOut = text.replace(
    vulgarFraction,
    (_, joined?: string, alone?: string) => ` ${vulgarFractions[joined ?? alone ?? ''] ?? ''}`,
  );
  return plainSigns
    .reduce((current, [pattern, sign]) => current.replace(pattern, sign), spelledOut)
    .trim()
    .toLowerCase();
}

interface NamedUnit {
  readonly alias: string;
  readonly unit: Unit | undefined;
}

/** Aliases by first letter, longest first, so that `mm2` is not read as `mm` and a 2. */
const aliasesByFirstLetter = (() => {
  const all: NamedUnit[] = [
    ...units.flatMap((unit) => unit.aliases.map((alias) => ({ alias, unit }))),
    ...[...ambiguousUnits.keys()].map((alias) => ({ alias, unit: undefined })),
  ].sort((a, b) => b.alias.length - a.alias.length);
  const byLetter = new Map<string, NamedUnit[]>();
  for (const named of all) {
    const letter = named.alias.charAt(0);
    byLetter.set(letter, [...(byLetter.get(letter) ?? []), named]);
  }
  return byLetter;
})();

const isLetterOrDigit = (sign: string): boolean => /[a-zµ0-9]/.test(sign);

function unitAt(text: string, at: number): NamedUnit | undefined {
  return aliasesByFirstLetter.get(text.charAt(at))?.find(({ alias }) => {
    if (!text.startsWith(alias, at)) return false;
    const last = alias.charAt(alias.length - 1);
    return !(isLetterOrDigit(last) && isLetterOrDigit(text.charAt(at + alias.length)));
  });
}

const mixedNumber = /(\d+)(?:-| )(\d+)\/(\d+)(?![\d.,/])/y;
const simpleFraction = /(\d+)\/(\d+)(?![\d.,/])/y;
const separatedNumber = /(?:\d[\d.,]*|[.,]\d+)(?:e[+-]?\d+(?![a-z]))?/y;

function matchAt(pattern: RegExp, text: string, at: number): RegExpExecArray | null {
  pattern.lastIndex = at;
  return pattern.exec(text);
}

/**
 * The number a person means by digits with points and commas in them.
 * `6,5` is a decimal comma and `1,200.5` has thousands; `1,200` alone could be either, so it is asked.
 * @throws InputError `ambiguous-comma`, `not-a-number`
 */
function readSeparated(written: string): number {
  const points = written.split('.').length - 1;
  const commas = written.split(',').length - 1;
  const grouped = (group: ',' | '.'): boolean =>
    new RegExp(`^[1-9]\\d{0,2}(\\${group}\\d{3})+([.,]\\d*)?$`).test(written);
  let decimal = written;
  if (points > 0 && commas > 0) {
    const group = written.lastIndexOf('.') > written.lastIndexOf(',') ? ',' : '.';
    if (!grouped(group)) throw new InputError('not-a-number', written);
    decimal = written.replaceAll(group, '').replace(',', '.');
  } else if (commas > 1 || points > 1) {
    const group = commas > 1 ? ',' : '.';
    if (!grouped(group)) throw new InputError('not-a-number', written);
    decimal = written.replaceAll(group, '');
  } else if (commas === 1) {
    if (/^[1-9]\d{0,2},\d{3}$/.test(written)) {
      throw new InputError('ambiguous-comma', written, {
        unclear: written,
        choices: [written.replace(',', ''), written.replace(',', '.')],
      });
    }
    decimal = written.replace(',', '.');
  }
  const value = Number(decimal);
  if (Number.isNaN(value)) throw new InputError('not-a-number', written);
  return value;
}

function fractionOf(numerator: string, denominator: string): number {
  if (Number(denominator) === 0) {
    throw new InputError('divided-by-zero', `${numerator}/${denominator}`);
  }
  return Number(numerator) / Number(denominator);
}

interface NumberHere {
  readonly value: number;
  /** How many signs of the text it takes. */
  readonly taken: number;
}

/** A fraction at this place: `2-1/2`, `41 3/8`, `3/8`. */
function fractionAt(text: string, at: number): NumberHere | undefined {
  const mixed = matchAt(mixedNumber, text, at);
  if (mixed !== null && Number(mixed[2]) < Number(mixed[3])) {
    const [taken, whole, numerator = '', denominator = ''] = mixed;
    return { value: Number(whole) + fractionOf(numerator, denominator), taken: taken.length };
  }
  const simple = matchAt(simpleFraction, text, at);
  if (simple === null) return undefined;
  const [taken, numerator = '', denominator = ''] = simple;
  return { value: fractionOf(numerator, denominator), taken: taken.length };
}

/** A number without a stroke at this place: `6,5`, `1,200.5`, `1e3`. */
function decimalAt(text: string, at: number): NumberHere | undefined {
  const separated = matchAt(separatedNumber, text, at);
  if (separated === null) return undefined;
  return { value: readSeparated(separated[0]), taken: separated[0].length };
}

const isSign = (sign: string): sign is '+' | '-' | '*' | '/' | '(' | ')' =>
  sign.length === 1 && '+-*/()'.includes(sign);

/**
 * Numbers, units and signs in what a person typed, in order.
 * `x` between numbers multiplies, as on paper.
 * @throws InputError `ambiguous-unit` (with the choices), `unknown-unit`, `unreadable`, `ambiguous-comma`, `divided-by-zero`
 */
export function tokensOf(typed: string): readonly Token[] {
  const text = plain(typed);
  const tokens: Token[] = [];
  let at = 0;
  while (at < text.length) {
    const sign = text.charAt(at);
    if (sign === ' ') {
      at += 1;
      continue;
    }
    // In 6/3/8 the division goes from left to right, so 3/8 is no fraction of its own there.
    const before = tokens.at(-1);
    const divides = before?.type === 'sign' && before.sign === '/';
    const number = (divides ? undefined : fractionAt(text, at)) ?? decimalAt(text, at);
    if (number !== undefined) {
      tokens.push({ type: 'number', value: number.value });
      at += number.taken;
      continue;
    }
    const named = unitAt(text, at);
    if (named !== undefined) {
      if (named.unit === undefined) {
        throw new InputError('ambiguous-unit', typed, {
          unit: named.alias,
          unclear: named.alias,
          choices: ambiguousUnits.get(named.alias) ?? [],
        });
      }
      tokens.push({ type: 'unit', unit: named.unit });
      at += named.alias.length;
      continue;
    }
    if (isSign(sign)) {
      tokens.push({ type: 'sign', sign });
      at += 1;
      continue;
    }
    const word = /^[^\s\d+\-*/()]+/.exec(text.slice(at))?.[0] ?? sign;
    const multiplies = /^x/.test(word) && tokens.length > 0 && /^x *[\d.,(]/.test(text.slice(at));
    if (multiplies) {
      tokens.push({ type: 'sign', sign: '*' });
      at += 1;
      continue;
    }
    throw new InputError(tokens.length === 0 ? 'unreadable' : 'unknown-unit', typed, {
      unit: word,
    });
  }
  return tokens;
}
