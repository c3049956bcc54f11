import { object, type InferType } from 'yup';
import { pieceRecordSchema } from '../../core/record/recordSchema';
import type { RecordKind } from './readRecords';
import { storedFields } from './stored';

/** What happened to one piece. */
const keptPieceSchema = object({
  ...storedFields(1),
  piece: pieceRecordSchema.required(),
});

export type KeptPiece = InferType<typeof keptPieceSchema>;

export const pieceRecords: RecordKind<typeof keptPieceSchema> = {
  prefix: 'piece/',
  version: 1,
  schema: keptPieceSchema,
  migrations: {},
};
