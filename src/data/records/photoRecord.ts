import { number, object, string, type InferType } from 'yup';
import type { RecordKind } from './readRecords';

/** A photo that something was traced on: reduced, and kept on this device alone. */
const photoRecordSchema = object({
  id: string().required(),
  schema: number().oneOf([1]).required(),
  revision: number().required(),
  /** A JPEG as a data address. */
  picture: string()
    .matches(/^data:image\/(jpeg|png);base64,/)
    .required(),
  widthPx: number().positive().required(),
  heightPx: number().positive().required(),
});

export type PhotoRecord = InferType<typeof photoRecordSchema>;

export const photoRecords: RecordKind<typeof photoRecordSchema> = {
  prefix: 'photo/',
  version: 1,
  schema: photoRecordSchema,
  migrations: {},
};
