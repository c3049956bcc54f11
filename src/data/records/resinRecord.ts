import { mixed, object, string, type InferType } from 'yup';
import type { WholeCalibration } from '../../core/plan/heat/calibrationOf';
import { isCalibration } from '../../core/plan/heat/calibrationSchema';
import { resinSchema } from '../../core/resin/resinSchema';
import { upgradeCard } from '../../core/upgrades/upgradeCard';
import type { RecordKind } from './readRecords';
import { storedFields } from './stored';

interface KeptCalibration {
  readonly key: string;
  readonly calibration: WholeCalibration;
}

const isKept = (kept: unknown): kept is KeptCalibration => {
  const { key, calibration } = (kept ?? {}) as Readonly<Record<string, unknown>>;
  return typeof key === 'string' && isCalibration(calibration);
};

const resinRecordSchema = object({
  ...storedFields(2),
  updatedAt: string().required(),
  resin: resinSchema,
  /** What the heat model makes of the label with each hardener; the key says of which label. It follows from the card. */
  calibrations: mixed<KeptCalibration[]>()
    // One that cannot be read is no loss: it is worked out anew.
    .transform((kept: unknown) => (Array.isArray(kept) ? kept.filter(isKept) : undefined))
    .optional(),
});

export type ResinRecord = InferType<typeof resinRecordSchema>;

export const resinRecords: RecordKind<typeof resinRecordSchema> = {
  prefix: 'resin/',
  version: 2,
  schema: resinRecordSchema,
  migrations: {
    1: ({ resin, ...record }) => ({ ...record, resin: upgradeCard(resin) }),
  },
};
