import { readRecord, recordFileOf } from '../../core/record/recordFile';
import type { PieceRecord } from '../../core/record/recordSchema';
import { jsonOf } from '../../core/schema/jsonText';

export const recordFileText = (piece: PieceRecord): string =>
  `${JSON.stringify(recordFileOf(piece), null, 2)}\n`;

/** @throws InputError for the first thing that is wrong */
export const readRecordFile = (text: string): PieceRecord => readRecord(jsonOf(text));
