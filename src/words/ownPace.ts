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
