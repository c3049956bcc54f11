import { number, object, string } from 'yup';
import { checkedOrThrow } from '../schema/check';
import { pieceRecordSchema, type PieceRecord } from './recordSchema';

/** Version of the record format that this core writes and reads; see `docs/formats`. */
const recordVersion = 1;

/** What such a file holds; the published JSON Schema is made from it. */
export const recordFileSchema = object({
  format: string()
    .oneOf(['nipperkin-record'] as const)
    .defined(),
  version: number()
    .oneOf([recordVersion] as const)
    .defined(),
})
  .concat(pieceRecordSchema)
  .noUnknown();

/** A record as a file. Photos stay where they are: they are files of their own. */
export const recordFileOf = (record: PieceRecord): object => ({
  format: 'nipperkin-record',
  version: recordVersion,
  ...record,
  photos: [],
});

/**
 * Reads a record from a file.
 * @throws InputError for the first thing that is wrong, an unknown key included
 */
export function readRecord(value: unknown): PieceRecord {
  const { format: _, version: __, ...record } = checkedOrThrow(recordFileSchema, value);
  return record;
}
