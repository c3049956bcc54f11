import type { VacuumSection } from './familySections';
import type { ResolvedPour } from '../job/resolveJob';
import { within } from '../measure/within';
import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { altitudeRule, fillRule, vacuumRule, volumeRule } from '../quantity/rules';
import { familyOf, type ResinFamily } from '../resin/families';
import { airKPa } from '../vessel/air';
import { boilsUnderKPa, risesTimes } from '../vessel/vacuum';
import { usualFill, type StirredBy } from '../mix/mixingSchema';
import type { PlannedBatch, Warning } from './planTypes';

/** Stirred by hand, a few hundredths of a mix are air; a paddle in a drill whips in about twice as much. */
const usualAirShare: Readonly<Record<StirredBy, number>> = { hand: 0.03, machine: 0.06 };
/** General practice: it boils up three to five times. */
const foamTimes = 4;

/**
 * How a pour is degassed.
 * @param mixC of the mix, °C
 * @returns undefined where nobody says that it is
 * @throws InputError `vacuum-over-air`, told from the pour
 */
export function vacuumSection(
  { said, card }: Pick<ResolvedPour, 'said' | 'card'>,
  batches: readonly PlannedBatch[],
  mixC: number,
): VacuumSection | undefined {
  const { vacuum } = said;
  if (vacuum === undefined) return undefined;
  return within('vacuum', () => {
    const { dial, leaves, altitude, air: share, pot } = vacuum;
    const altitudeM =
      altitude === undefined ? 0 : readQuantity(altitude, altitudeRule).value / 1000;
    const air = airKPa(altitudeM);
    const typed = (text: string): number => readQuantity(text, vacuumRule).value;
    const leavesKPa = leaves === undefined ? air - typed(dial ?? '') : typed(leaves);
    if (!(leavesKPa > 0) || leavesKPa >= air) {
      const key = leaves === undefined ? 'dial' : 'leaves';
      throw new InputError('vacuum-over-air', vacuum[key], { airKPa: air, altitudeM }, key);
    }
    const airShare =
      share === undefined
        ? usualAirShare[said.mixing?.stirBy ?? 'hand']
        : readQuantity(share, fillRule).value;
    const largestMl = Math.max(...batches.map(({ ml, filledMl = ml }) => filledMl));
    const { boilsKPa } = familyOf(card.family);
    return {
      airKPa: air,
      leavesKPa,
      dialKPa: air - leavesKPa,
      airShare,
      risesTimes: risesTimes(airShare, leavesKPa, air),
      foamTimes,
      fill: usualFill.vacuum,
      potMl: pot === undefined ? undefined : readQuantity(pot, volumeRule).value,
      potNeededMl: largestMl / usualFill.vacuum,
      boilsUnderKPa: boilsKPa === undefined ? undefined : boilsUnderKPa(boilsKPa, mixC),
    };
  });
}

/** Tells of a pot that is too small, and of a hardener that boils. */
export function vacuumWarnings(
  section: VacuumSection | undefined,
  { name, family }: { readonly name: string; readonly family: ResinFamily },
): Warning[] {
  if (section === undefined) return [];
  const { leavesKPa, boilsUnderKPa: boils, potMl, potNeededMl } = section;
  return [
    ...(boils !== undefined && leavesKPa <= boils
      ? [
          {
            code: 'boils-in-vacuum',
            severity: 'warn',
            data: { name, family, leavesKPa, boilsUnderKPa: boils },
          } as const,
        ]
      : []),
    ...(potMl !== undefined && potMl < potNeededMl * (1 - 1e-9)
      ? [{ code: 'boils-over', severity: 'warn', data: { potMl, potNeededMl } } as const]
      : []),
  ];
}
