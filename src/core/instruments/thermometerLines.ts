/** One thing that a thermometer said. */
export interface ThermometerReading {
  readonly raw: string;
  /** Undefined where it has no figure to give: nothing plugged in, or out of its range. */
  readonly c: number | undefined;
}

/** What a bench can be; anything beyond is a wire that came loose. */
const [coldestC, hottestC] = [-40, 400];

const line =
  /^(?:[A-Za-z][A-Za-z0-9 ]{0,11}\s*[,:=]?\s*)?([+-]?\s*\d{1,4}(?:[.,]\d{1,3})?)\s*(?:°|deg)?\s*([CFK])?$/i;
const nothingLine = /^(?:O\.?L\.?|-{2,}|ERR(?:OR)?\s?\d{0,3}|OPEN|NAN)$/i;

const inC: Readonly<Record<'C' | 'F' | 'K', (value: number) => number>> = {
  C: (value) => value,
  F: (value) => ((value - 32) * 5) / 9,
  K: (value) => value - 273.15,
};

/**
 * What a thermometer said on one line: `T1: +23.4 C`, `74.1 F`, `23,4`.
 * @param bareUnit what a figure without a unit is in
 * @returns undefined for what is no reading
 */
export function readThermometerLine(
  text: string,
  bareUnit: 'C' | 'F' = 'C',
): ThermometerReading | undefined {
  const raw = text.trim();
  if (nothingLine.test(raw)) return { raw, c: undefined };
  const [, value, unit = bareUnit] = line.exec(raw) ?? [];
  if (value === undefined) return undefined;
  const c = inC[unit.toUpperCase() as 'C' | 'F' | 'K'](
    Number(value.replace(/\s/g, '').replace(',', '.')),
  );
  return { raw, c: c < coldestC || c > hottestC ? undefined : c };
}
