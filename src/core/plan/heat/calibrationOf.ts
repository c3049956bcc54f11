import { memory } from '../../memory';
import { InputError, type Problem } from '../../problem';
import { readResin, type ReadResin } from '../../resin/readResin';
import type { Resin } from '../../resin/resinSchema';
import { hardenerNames, withHardener } from '../../resin/withHardener';
import { calibrate, type Calibration } from '../../thermal/calibrate';
import type { HeatLabel } from '../../thermal/label';
import { membersOf, type Member } from '../../thermal/members';
import { hasHeat, type HeatFamily } from '../../resin/families';

/** A calibration with the other readings of its label. */
export interface WholeCalibration extends Calibration {
  readonly members: readonly Member[];
}

/** Calibrations by the label that they were made for. */
export type KeptCalibrations = ReadonlyMap<string, WholeCalibration>;

/** The label as the model reads it. */
const heatLabelOf = ({ potLife, greatestDepthMm, times }: ReadResin): HeatLabel => ({
  potLifeMin: potLife?.timeMin,
  massG: potLife?.massG,
  temperatureC: potLife?.temperatureC,
  ...(potLife?.temperatureAssumed === true ? { temperatureAssumed: true } : {}),
  depthMm: greatestDepthMm,
  times,
});

/** Goes up when the model changes, so that what an older one made is not taken. */
const modelVersion = 3;

/** All that a calibration is made from: the same key, the same figures. */
const keyOf = (family: HeatFamily, label: HeatLabel): string =>
  JSON.stringify([
    modelVersion,
    family,
    label.potLifeMin,
    label.massG,
    label.temperatureC,
    label.temperatureAssumed,
    label.depthMm,
    label.times,
  ]);

/** Labels calibrated so far that are not kept with a card: a job's own copy, a file. What cannot be is remembered too. */
const made = memory<Calibration | InputError>(500);
const membersMade = memory<readonly Member[]>(500);

function calibrateOnce(key: string, family: HeatFamily, label: HeatLabel): Calibration {
  const found = made(key, () => {
    try {
      return calibrate(family, label);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      return error;
    }
  });
  if (found instanceof InputError) throw found;
  return found;
}

const membersOnce = (key: string, family: HeatFamily, label: HeatLabel): readonly Member[] =>
  membersMade(key, () => membersOf(family, label, calibrateOnce(key, family, label)));

/**
 * The calibration of a card: what is kept with it, or worked out once for a label. Either way it is the same, for it follows
 * from the label alone.
 * @throws InputError `pot-life-out-of-model`
 */
export function calibrationOf(
  family: HeatFamily,
  resin: ReadResin,
  kept?: KeptCalibrations,
): Calibration {
  const label = heatLabelOf(resin);
  const key = keyOf(family, label);
  return kept?.get(key) ?? calibrateOnce(key, family, label);
}

/**
 * The other readings of a card's label: what is kept with it, or worked out once.
 * @throws InputError `pot-life-out-of-model`
 */
export function membersOfCard(
  family: HeatFamily,
  resin: ReadResin,
  kept?: KeptCalibrations,
): readonly Member[] {
  const label = heatLabelOf(resin);
  const key = keyOf(family, label);
  return kept?.get(key)?.members ?? membersOnce(key, family, label);
}

/** The calibration of a card with one of its hardeners, or what is wrong with its label. */
export interface CardCalibration {
  readonly hardenerName: string;
  readonly key: string;
  readonly calibration: WholeCalibration | undefined;
  readonly problem: Problem | undefined;
}

interface CardLabel {
  readonly hardenerName: string;
  readonly family: HeatFamily;
  readonly label: HeatLabel;
  readonly key: string;
}

/** What there is to calibrate on a card: a label for each hardener; nothing for a family without heat. */
function labelsOf(card: Resin): readonly CardLabel[] {
  const { family } = card;
  if (!hasHeat(family)) return [];
  return hardenerNames(card).map((hardenerName, at) => {
    const read = readResin(withHardener(card, at === 0 ? undefined : hardenerName));
    const label = heatLabelOf(read);
    return { hardenerName, family, label, key: keyOf(family, label) };
  });
}

/** Whether everything that there is to calibrate on a card is among these. */
export const isCalibrated = (card: Resin, kept: KeptCalibrations): boolean =>
  labelsOf(card).every(({ key }) => kept.has(key));

/** A card calibrated with each of its hardeners. */
export const calibrationsOf = (card: Resin, kept?: KeptCalibrations): readonly CardCalibration[] =>
  labelsOf(card).map(({ hardenerName, family, label, key }) => {
    try {
      const calibration = kept?.get(key) ?? {
        ...calibrateOnce(key, family, label),
        members: membersOnce(key, family, label),
      };
      return { hardenerName, key, calibration, problem: undefined };
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      const { code, field, value, data } = error;
      return { hardenerName, key, calibration: undefined, problem: { code, field, value, data } };
    }
  });
