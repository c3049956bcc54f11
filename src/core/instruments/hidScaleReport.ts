import { readingIn, troubled, type ScaleReading, type ScaleTrouble } from './scaleReading';

/** Usage page and usage of scales: "Weighing Devices" of the USB HID point-of-sale usage tables. */
export const scaleUsagePage = 0x8d;

/** Status of a weight: the enumeration of the same tables, 1 to 8. */
const statusTroubles: Readonly<Partial<Record<number, ScaleTrouble>>> = {
  1: 'fault',
  5: 'underload',
  6: 'overload',
  7: 'not-calibrated',
  8: 'not-calibrated',
};
const stableStatuses: ReadonlySet<number> = new Set([2, 4]);
const knownStatuses = 8;

/** Units of a weight in the order of the same tables, from 1; those that no bench scale shows are left out. */
const units: readonly (string | undefined)[] = [
  undefined,
  'mg',
  'g',
  'kg',
  'ct',
  undefined,
  'gn',
  'dwt',
  't',
  undefined,
  'ozt',
  'oz',
  'lb',
];

const headBytes = 3;

const hexOf = (bytes: Uint8Array): string =>
  [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join(' ');

/**
 * A weight as a scale reports it over USB: status, unit, power of ten, weight with its least byte first.
 * @param bytes of the report, without its number
 * @returns undefined for what is no report of a weight
 */
export function readScaleReport(bytes: Uint8Array): ScaleReading | undefined {
  const raw = hexOf(bytes.subarray(0, 16));
  const [status = 0, unit = 0, power = 0] = bytes;
  if (bytes.length < headBytes + 2 || status < 1 || status > knownStatuses) return undefined;
  const trouble = statusTroubles[status];
  if (trouble !== undefined) return troubled(raw, trouble);
  const symbol = units[unit];
  if (symbol === undefined) return undefined;
  const whole = bytes
    .subarray(headBytes, headBytes + 4)
    .reduce((sum, byte, place) => sum + byte * 256 ** place, 0);
  const exponent = power > 127 ? power - 256 : power;
  // As a decimal text, so that 1234 tenths are 123.4 and not a hair beside it.
  const value = Number(`${whole}e${exponent}`);
  return readingIn(raw, value, symbol, stableStatuses.has(status), -exponent);
}
