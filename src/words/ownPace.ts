import type { TogetherFit } from '../core/learn/togetherFit';
import type { NoFit } from '../core/thermal/fit/fitReadings';
import { formatPlain } from '../core/quantity/format';

/** A label and a shop that are so close are the same. */
const sameShare = 0.02;

const times = (factor: number): string => formatPlain(factor, factor < 10 ? 2 : 0);

/** How fast something cures beside its label: `1.15 times as fast as`. */
export const sayFactor = (factor: number): string =>
  Math.abs(factor - 1) < sameShare ? 'as fast as' : `${times(factor)} times as fast as`;

/** From the least to the most that it may be: `1.05 to 1.3 times`. */
export const sayFactorRange = (low: number, high: number): string =>
  `${times(low)} to ${times(high)} times`;

/** Why the readings of a pour tell nothing of its resin. */
export const noFitNames: Readonly<Record<NoFit['code'], string>> = {
  nothing: 'nothing was read',
  'too-few': 'too few readings',
  flat: 'it warmed by less than 5 °C',
  'cannot-tell': 'rate and air explain it in too many ways',
  'does-not-follow': 'its curve is like no pour of this resin',
};

const pours = (count: number): string => (count === 1 ? 'one pour' : `${count} pours`);

/** What a shop found of a resin: `1.15 times as fast as its label, 1.05 to 1.3 times, 4 pours`. */
export const sayShopRate = ({ value, low, high, pours: count }: TogetherFit): string =>
  `${sayFactor(value)} its label, ${sayFactorRange(low, high)}, ${pours(count)}`;

/** What was refused and why, in a line; nothing where nothing was. */
export function sayRefused(refused: readonly NoFit[]): string {
  if (refused.length === 0) return '';
  const names = [...new Set(refused.map(({ code }) => noFitNames[code]))];
  return `${pours(refused.length)} left out: ${names.join('; ')}.`;
}
