import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { flowRule, timeRule } from '../quantity/rules';
import { timeAtMin } from '../resin/inRoom';
import type { ReadResin } from '../resin/readResin';
import { familyOf, type ResinFamily } from '../resin/families';
import type { JobPour } from '../job/jobPour';

/** The time that a batch has, and what it goes on. */
export interface Working {
  /** At the temperature of the room; undefined where the card gives none. */
  readonly potLifeMin: number | undefined;
  /** As the label quotes it, for its own mass and temperature. */
  readonly labelMin: number | undefined;
  readonly stirMin: number;
  readonly pourMlPerMin: number;
  readonly stirAssumed: boolean;
  readonly pourAssumed: boolean;
}

/** A thin stream that fills a litre in two minutes. */
const usualPourMlPerMin = 500;

/** What there is of time, in this room. */
export function workingOf(
  mixing: JobPour['mixing'],
  family: ResinFamily,
  { potLife }: ReadResin,
  roomC: number,
): Working {
  const { stir, pourRate } = mixing ?? {};
  return {
    potLifeMin: potLife && timeAtMin(potLife, roomC),
    labelMin: potLife?.timeMin,
    stirMin: stir === undefined ? familyOf(family).stirMin : readQuantity(stir, timeRule).value,
    pourMlPerMin:
      pourRate === undefined ? usualPourMlPerMin : readQuantity(pourRate, flowRule).value,
    stirAssumed: stir === undefined,
    pourAssumed: pourRate === undefined,
  };
}

/** How long a batch takes from the first drop of hardener to an empty cup. */
export const workingMin = (ml: number, { stirMin, pourMlPerMin }: Working): number =>
  stirMin + ml / pourMlPerMin;

/**
 * The largest batch that can be mixed and poured while it is still pourable.
 * @returns ml; undefined where the card gives no pot life
 * @throws InputError `pot-life-too-short` where it is over before the stirring is
 */
export function pourableMl(working: Working): number | undefined {
  const { potLifeMin, stirMin, pourMlPerMin } = working;
  if (potLifeMin === undefined) return undefined;
  if (potLifeMin <= stirMin) {
    throw new InputError('pot-life-too-short', potLifeMin, { potLifeMin, stirMin }, 'mixing.stir');
  }
  return (potLifeMin - stirMin) * pourMlPerMin;
}
