import { InputError } from '../problem';

/** @returns °C */
export const toCelsius = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

/** A first reading so much over what was poured is no first warmth; read as °F it is a little over it, or hardly under it. */
const [strangeK, mostUnderK, mostOverK] = [20, 3, 15];

/** Whether readings that are told in °C look like °F: the first is far from what was poured, and near it when read so. */
export function looksFahrenheit(
  readings: readonly number[],
  pouredC: number,
  ceilingC: number,
): boolean {
  const [first] = readings;
  if (first === undefined) return false;
  const least = readings.reduce((lowest, each) => Math.min(lowest, each), first);
  const overK = toCelsius(first) - pouredC;
  const beginsSo =
    first - pouredC > strangeK &&
    least - pouredC > strangeK / 2 &&
    overK > -mostUnderK &&
    overK < mostOverK;
  return beginsSo || least > ceilingC;
}

/** @throws InputError `perhaps-fahrenheit` */
export function suspectFahrenheit(
  readings: readonly number[],
  pouredC: number,
  ceilingC: number,
): void {
  if (!looksFahrenheit(readings, pouredC, ceilingC)) return;
  const [first] = readings as readonly [number, ...number[]];
  throw new InputError(
    'perhaps-fahrenheit',
    first,
    { first, asC: toCelsius(first), pouredC },
    'readings[0]',
  );
}
