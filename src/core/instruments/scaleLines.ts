import { readingIn, troubled, type ScaleReading, type ScaleTrouble } from './scaleReading';

/** How scales write a reading on a line, each with what it looks like. */
export const scaleFormats = ['flags', 'letters', 'plain'] as const;
export type ScaleFormat = (typeof scaleFormats)[number];

export const formatExamples: Readonly<Record<ScaleFormat, string>> = {
  flags: 'ST,GS,+ 123.4 g',
  letters: 'S S 123.4 g',
  plain: '123.4 g',
};

/** A figure with its sign, which may stand apart, and a point or a comma in it. */
const figure = String.raw`([+-]?\s*\d{1,9}(?:[.,]\d{1,6})?)`;
const unitName = String.raw`([a-zA-Z]{1,5}\.?)`;

const flagsLine = new RegExp(
  String.raw`^(ST|US|OL|UL)\s*,\s*(?:(?:GS|NT|TR)\s*,)?\s*(?:${figure}\s*${unitName})?.*$`,
);
const lettersLine = new RegExp(
  String.raw`^(?:S|SI|ST)\s+(S|D|I|\+|-)(?:\s+${figure}\s*${unitName})?$`,
);
const plainLine = new RegExp(
  String.raw`^(?:[A-Za-z.]{1,8}\s*[:=]\s*)?${figure}\s*${unitName}?\s*(\?|S|ST|U|US|D)?$`,
);
const overLine = /^(?:-+OL-+|O[._-]?L[._-]?|OVER(?:LOAD)?|\^{2,}|H{3,})$/i;
const underLine = /^(?:U[._-]?L[._-]?|UNDER(?:LOAD)?|_{2,}|L{3,})$/i;
const faultLine = /^(?:E(?:RR(?:OR)?)?[ ._-]?\d{0,3})$/i;

/** A written figure as a reading: a point or a comma in it, its sign perhaps apart. */
function figureIn(
  line: string,
  written: string,
  unit: string,
  stable: boolean | undefined,
): ScaleReading | undefined {
  const plain = written.replace(/\s/g, '').replace(',', '.');
  return readingIn(line, Number(plain), unit, stable, plain.split('.')[1]?.length ?? 0);
}

const flagTroubles: Readonly<Partial<Record<string, ScaleTrouble>>> = {
  OL: 'overload',
  UL: 'underload',
};

function readFlags(line: string): ScaleReading | undefined {
  const [, flag, value, unit] = flagsLine.exec(line) ?? [];
  if (flag === undefined) return undefined;
  const trouble = flagTroubles[flag];
  if (trouble !== undefined) return troubled(line, trouble);
  return value === undefined || unit === undefined
    ? undefined
    : figureIn(line, value, unit, flag === 'ST');
}

const letterTroubles: Readonly<Partial<Record<string, ScaleTrouble>>> = {
  '+': 'overload',
  '-': 'underload',
  I: 'fault',
};

function readLetters(line: string): ScaleReading | undefined {
  const [, letter, value, unit] = lettersLine.exec(line) ?? [];
  if (letter === undefined) return undefined;
  const trouble = letterTroubles[letter];
  if (trouble !== undefined) return troubled(line, trouble);
  return value === undefined || unit === undefined
    ? undefined
    : figureIn(line, value, unit, letter === 'S');
}

const plainFlags: Readonly<Partial<Record<string, boolean>>> = {
  S: true,
  ST: true,
  '?': false,
  U: false,
  US: false,
  D: false,
};

function readPlain(line: string, bareUnit: string): ScaleReading | undefined {
  if (overLine.test(line)) return troubled(line, 'overload');
  if (underLine.test(line)) return troubled(line, 'underload');
  if (faultLine.test(line)) return troubled(line, 'fault');
  const [, value, unit = bareUnit, flag] = plainLine.exec(line) ?? [];
  if (value === undefined) return undefined;
  const known = figureIn(line, value, unit, flag === undefined ? undefined : plainFlags[flag]);
  // In `12.3 S` the letter is a flag and no unit.
  if (known === undefined && unit in plainFlags) {
    return figureIn(line, value, bareUnit, plainFlags[unit]);
  }
  return known;
}

/**
 * What a scale said on one line.
 * @param bareUnit what a figure without a unit is in
 * @returns undefined for what is no reading in this format
 */
export function readScaleLine(
  format: ScaleFormat,
  line: string,
  bareUnit = 'g',
): ScaleReading | undefined {
  const text = line.trim();
  if (format === 'flags') return readFlags(text);
  return format === 'letters' ? readLetters(text) : readPlain(text, bareUnit);
}

/** So many lines must agree before a format is taken for found. */
const agreeing = 2;

/**
 * The format that a scale writes in.
 * @param lines the first that came; what is cut off at the beginning is among them
 * @returns undefined while too few of them can be read
 */
export function scaleFormatOf(lines: readonly string[]): ScaleFormat | undefined {
  return scaleFormats.find(
    (format) =>
      lines.filter((line) => readScaleLine(format, line) !== undefined).length >= agreeing,
  );
}
