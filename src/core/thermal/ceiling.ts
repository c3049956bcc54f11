import { adiabaticRiseK, type Curing } from './curing';
import type { PourSetting } from './pourSetting';

/**
 * The most that a temperature may be told: what it starts from and all of the heat at once, T₀ + H/c. A front that runs through
 * warmed resin goes above it in the model, but there the model has left what it was made for.
 * @returns °C
 */
export function ceilingC({ resinC, room, plateC }: PourSetting, curing: Curing): number {
  return Math.max(resinC, room.meanC + room.swingC, plateC ?? -Infinity) + adiabaticRiseK(curing);
}
