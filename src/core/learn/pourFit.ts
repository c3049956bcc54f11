import { feltOf } from '../cure/feltSpan';
import { dilutedBy } from '../mix/fillers/dilutedBy';
import type { KeptCalibrations } from '../plan/heat/calibrationOf';
import { InputError } from '../problem';
import type { PourRecord } from '../record/recordSchema';
import { hasHeat } from '../resin/families';
import { readResin } from '../resin/readResin';
import { withHardener } from '../resin/withHardener';
import { fitReadings, type Candidate, type ReadingsFit } from '../thermal/fit/fitReadings';
import type { PourReading } from '../thermal/fit/sampledRun';
import type { PourSetting } from '../thermal/pourSetting';
import { usualSetting } from '../thermal/usualSetting';
import { candidatesOf } from './candidates';

const msPerS = 1000;

/** How a pour stood: as the bench wrote it, or as one layer of its depth usually stands in its room. */
function settingOf({ stood, layers, roomC, resinC }: PourRecord): PourSetting | undefined {
  if (stood !== undefined) return stood.setting;
  const [only, ...more] = layers;
  if (only?.depthMm === undefined || more.length > 0 || roomC === undefined) return undefined;
  return { ...usualSetting(only.depthMm / 1000, roomC), resinC: resinC ?? roomC };
}

/** Whether a pour has something to learn from: readings of it, its card, and how it stood. */
export const isMeasured = (pour: PourRecord): boolean =>
  pour.card !== undefined &&
  pour.layers[0]?.begunAt !== undefined &&
  pour.readings.some(({ place }) => place === 'core' || place === 'surface') &&
  settingOf(pour) !== undefined;

/**
 * What the readings of a recorded pour say of its resin, held against its label.
 * @returns undefined where there is nothing to fit: no readings, no card, no model, a label that the model cannot follow
 * @throws InputError `heat-lost-itself`
 */
export function fitOfPour(pour: PourRecord, kept?: KeptCalibrations): ReadingsFit | undefined {
  const setting = settingOf(pour);
  const begunAt = pour.layers[0]?.begunAt;
  if (setting === undefined || begunAt === undefined || !isMeasured(pour)) return undefined;
  const candidates = mixesOf(pour, kept);
  if (candidates === undefined) return undefined;
  const afterS = (at: number): number => (at - begunAt) / msPerS;
  const readings = pour.readings.flatMap(({ at, c, place }): readonly PourReading[] =>
    (place === 'core' || place === 'surface') && at > begunAt
      ? [{ timeS: afterS(at), place, c }]
      : [],
  );
  const felt = pour.seen
    .filter(({ at, layer }) => at > begunAt && layer < setting.layers.length)
    .map(({ at, layer, test, state }) =>
      feltOf({ layer, timeS: afterS(at), test, state }, candidates[0], setting),
    );
  return fitReadings({ setting, readings, seen: [], felt }, candidates);
}

type Candidates = readonly [Candidate, ...(readonly Candidate[])];

/** The mixes that a label leaves open, with what was stirred in; undefined where the model cannot follow the label. */
function mixesOf(
  { card, hardener, family, stood }: PourRecord,
  kept: KeptCalibrations | undefined,
): Candidates | undefined {
  if (card === undefined || !hasHeat(family)) return undefined;
  const fillers = stood?.fillers ?? [];
  const diluted = (each: Candidate): Candidate => ({
    ...each,
    curing: dilutedBy(each.curing, fillers),
  });
  try {
    const resin = readResin(withHardener(card, hardener));
    const [own, ...members] = candidatesOf(family, resin, kept);
    return [diluted(own), ...members.map(diluted)];
  } catch (error) {
    if (error instanceof InputError) return undefined;
    throw error;
  }
}
