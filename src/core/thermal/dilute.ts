import type { Curing } from './curing';

/** A solid that is stirred into a resin. */
export interface DilutingSolid {
  /** Of the mixed volume, 0 to 1. */
  readonly share: number;
  readonly densityKgPerM3: number;
  readonly heatCapacityJPerKgK: number;
  readonly conductivityWPerMK: number;
}

/**
 * A resin with solids in it: less of it gives off heat, and what is in it takes heat up and leads it away. ρc and H by volume
 * share; k by Maxwell, k = kᵣ [k_f + 2kᵣ + 2φ(k_f − kᵣ)] / [k_f + 2kᵣ − φ(k_f − kᵣ)], one solid after the other.
 */
export function dilutedCuring(curing: Curing, solids: readonly DilutingSolid[]): Curing {
  if (solids.length === 0) return curing;
  const resinShare = 1 - solids.reduce((sum, { share }) => sum + share, 0);
  const densityKgPerM3 = solids.reduce(
    (sum, solid) => sum + solid.share * solid.densityKgPerM3,
    resinShare * curing.densityKgPerM3,
  );
  const capacityJPerM3K = solids.reduce(
    (sum, solid) => sum + solid.share * solid.densityKgPerM3 * solid.heatCapacityJPerKgK,
    resinShare * curing.densityKgPerM3 * curing.heatCapacityJPerKgK,
  );
  const conductivityWPerMK = solids.reduce((k, { share, conductivityWPerMK: solid }) => {
    const more = share * (solid - k);
    return (k * (solid + 2 * k + 2 * more)) / (solid + 2 * k - more);
  }, curing.conductivityWPerMK);
  return {
    ...curing,
    densityKgPerM3,
    heatCapacityJPerKgK: capacityJPerM3K / densityKgPerM3,
    heatJPerKg: (resinShare * curing.densityKgPerM3 * curing.heatJPerKg) / densityKgPerM3,
    conductivityWPerMK,
  };
}
