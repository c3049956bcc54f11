import { massRule } from '../quantity/rules';
import { readQuantity } from '../quantity/readQuantity';
import { readAmountMl, readResin } from '../resin/readResin';
import type { Resin } from '../resin/resinSchema';
import { amountsOf, type MixAmounts } from './amounts';
import { onScale, type ScaleFigures } from './onScale';

/** A batch that is nothing but an amount of a resin. */
export interface AmountBatch extends MixAmounts {
  readonly onScale: ScaleFigures;
}

/**
 * A and B of one batch by its amount alone: what a quick mix comes to before anything else is known of it. It has the figures
 * of the plan of the same mix.
 * @param amount of both parts together, by volume or by weight
 * @param card the resin, with its own hardener
 * @param scaleStep what the scale shows
 * @throws InputError those of `readQuantity`
 */
export function batchOfAmount(amount: string, card: Resin, scaleStep: string): AmountBatch {
  const resin = readResin(card);
  const amounts = amountsOf(readAmountMl(amount, resin.mixedDensityGPerMl), resin);
  const stepG = readQuantity(scaleStep, massRule).value;
  return { ...amounts, onScale: onScale(amounts.a.g, resin.ratio?.massAPerB, stepG) };
}
