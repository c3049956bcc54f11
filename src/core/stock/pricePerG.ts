import type { Resin } from '../resin/resinSchema';
import { buyingOf } from './buying';

/**
 * What a gram costs in the kits of a card that are bought best for an amount, whatever is there already.
 * @returns undefined where the card has no prices
 */
export function pricePerG(card: Resin, ml: number, densityGPerMl: number): number | undefined {
  const { perKg } = buyingOf(ml, { ...card, lots: undefined }, densityGPerMl, undefined);
  return perKg && perKg / 1000;
}
