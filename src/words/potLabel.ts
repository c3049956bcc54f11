import { readResin } from '../core/resin/readResin';
import type { Resin } from '../core/resin/resinSchema';
import { sayRatios } from './figures';

/** What stands on the pot of a resin, a line each: its ratio both ways, its hardener, how long a mix stays pourable. */
export function sayPotLabel(card: Resin): readonly string[] {
  const { hardenerName, potLife } = card;
  const hardener = hardenerName ?? '';
  return [
    ...sayRatios(readResin(card).ratio),
    ...(hardener === '' ? [] : [`Hardener ${hardener}`]),
    ...(potLife === undefined ? [] : [`Pot life ${potLife.time} for ${potLife.mass}`]),
  ];
}
