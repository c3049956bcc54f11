import { array, mixed, number, object, string, type InferType } from 'yup';
import { isCalibration } from '../../core/thermal/calibrationSchema';
import { resinSchema } from '../../core/resin/resinSchema';
import type { RecordKind } from './readRecords';

const resinRecordSchema = object({
  id: string().required(),
  schema: number().oneOf([1]).required(),
  revision: number().required(),
  updatedAt: string().required(),
  resin: resinSchema,
  /** What the heat model makes of the label with each hardener; the key says of which label. It follows from the card. */
  calibrations: array()
    .of(object({ key: string().required(), calibration: mixed(isCalibration).required() }))
    .optional()
    .default(undefined),
});

export type ResinRecord = InferType<typeof resinRecordSchema>;

export const resinRecords: RecordKind<typeof resinRecordSchema> = {
  prefix: 'resin/',
  version: 1,
  schema: resinRecordSchema,
  migrations: {},
};
