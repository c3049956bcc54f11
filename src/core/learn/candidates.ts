import { within } from '../measure/within';
import { calibrationOf, membersOfCard, type KeptCalibrations } from '../plan/heat/calibrationOf';
import { marksOf } from '../plan/heat/marksOf';
import type { HeatFamily } from '../resin/families';
import type { ReadResin } from '../resin/readResin';
import { curingOf } from '../thermal/calibrate';
import type { Candidate } from '../thermal/fit/fitReadings';
import { curingOfMember } from '../thermal/members';

/**
 * Everything that a card's label leaves its resin to be, the card's own calibration first.
 * @throws InputError those of `calibrationOf`
 */
export function candidatesOf(
  family: HeatFamily,
  resin: ReadResin,
  kept?: KeptCalibrations,
): readonly [Candidate, ...(readonly Candidate[])] {
  const own = curingOf(
    family,
    within('card', () => calibrationOf(family, resin, kept)),
  );
  const members = membersOfCard(family, resin, kept).map((member): Candidate => {
    const curing = curingOfMember(family, member);
    return { curing, marks: marksOf(family, curing, resin), weight: member.weight };
  });
  return [{ curing: own, marks: marksOf(family, own, resin), weight: 1 }, ...members];
}
