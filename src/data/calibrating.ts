import { isCalibrated, type CardCalibration } from '../core/plan/heat/calibrationOf';
import type { Resin } from '../core/resin/resinSchema';
import { keptIn } from './records/keptCalibrations';
import type { ResinRecord } from './records/resinRecord';
import { resinRecordOf } from './repositories';

/** Calibrates cards away from the screen's thread: what each comes to, in their order. */
export type Calibrator = (cards: readonly Resin[]) => Promise<readonly CardCalibration[][]>;

/** A card and the record that it was read from; without one it is new. */
export interface CardToKeep<C, R> {
  readonly card: C;
  readonly before: R | undefined;
  /** Under which it is kept; without one that of `before`, or a new one. */
  readonly id?: string | undefined;
}

/** The card counts, and its calibration can be worked out whenever it is wanted: without one it is kept all the same. */
async function calibratedIfPossible(
  cards: readonly Resin[],
  calibrate: Calibrator,
): Promise<readonly (readonly CardCalibration[] | undefined)[]> {
  if (cards.length === 0) return [];
  try {
    return await calibrate(cards);
  } catch {
    return cards.map(() => undefined);
  }
}

/** Records of cards with their calibrations; only labels that changed are worked out. */
export async function calibratedRecords(
  toKeep: readonly CardToKeep<Resin, ResinRecord>[],
  calibrate: Calibrator,
): Promise<readonly ResinRecord[]> {
  const changed = toKeep.filter(
    ({ card, before }) =>
      before?.calibrations === undefined || !isCalibrated(card, keptIn([before])),
  );
  const cards = changed.map(({ card }) => card);
  const made = await calibratedIfPossible(cards, calibrate);
  return toKeep.map((each) => {
    const at = changed.indexOf(each);
    const calibrations =
      at < 0
        ? each.before?.calibrations
        : made[at]?.flatMap(({ key, calibration }) =>
            calibration === undefined ? [] : [{ key, calibration }],
          );
    return resinRecordOf(each.card, calibrations, each.before, each.id);
  });
}
