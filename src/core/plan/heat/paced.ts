import type { ReadResin } from '../../resin/readResin';
import type { Curing } from '../../thermal/curing';

/**
 * A resin as plans take it: at the pace that was found in one's own shop, where its card goes by that. Marks are read off the label
 * with the label's own pace: what they mean is how firm it is.
 */
export const paced = (curing: Curing, { ownPace }: Pick<ReadResin, 'ownPace'>): Curing =>
  ownPace === undefined ? curing : { ...curing, ratePerS: curing.ratePerS * ownPace.factor };
