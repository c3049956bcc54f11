import { number, object, string, type InferType } from 'yup';
import type { RecordKind } from './readRecords';
import { storedFields } from './stored';

/** A photo that something was traced on: reduced, and kept on this device alone. */
const photoRecordSchema = object({
  ...storedFields(1),
  /** A JPEG as a data address. */
  picture: string()
    .matches(/^data:image\/(jpeg|png);base64,/)
    .required(),
  widthPx: number().positive().required(),
  heightPx: number().positive().required(),
  /** When it was kept; until a job that shows it is saved, nothing else refers to it. */
  addedAt: string().optional(),
});

export type PhotoRecord = InferType<typeof photoRecordSchema>;

export const photoRecords: RecordKind<typeof photoRecordSchema> = {
  prefix: 'photo/',
  version: 1,
  schema: photoRecordSchema,
  migrations: {},
};
