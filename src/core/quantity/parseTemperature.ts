import { InputError } from '../problem';

const temperature = /^([+-]?\d+(?:[.,]\d+)?)\s*(?:°|deg(?:rees)?)?\s*(c|celsius|f|fahrenheit)?$/;

/**
 * Reads a temperature in °C or °F. Temperatures do not add up, so sums are not read.
 * @returns °C
 * @throws InputError `unreadable`, `missing-unit`
 */
export function parseTemperature(typed: string): number {
  const plain = typed.trim().toLowerCase().replace(/[−–]/g, '-').replace('º', '°');
  const found = temperature.exec(plain);
  const expected = { expected: ['temperature'] as const };
  if (found === null) throw new InputError('unreadable', typed, expected);
  const [, digits = '', scale] = found;
  if (scale === undefined) throw new InputError('missing-unit', typed, expected);
  const degrees = Number(digits.replace(',', '.'));
  return scale.startsWith('f') ? ((degrees - 32) * 5) / 9 : degrees;
}
