import { formatPlain } from '../core/quantity/format';

/** A ratio as its label states it: 100 : 45 by weight. In a file of its own, as the first screen needs no more of the words. */
export const sayTypedRatio = (ratio: {
  readonly by: 'volume' | 'weight';
  readonly a: number;
  readonly b: number;
}): string => `${formatPlain(ratio.a, 4)} : ${formatPlain(ratio.b, 4)} by ${ratio.by}`;
