import { readRecord, recordFileOf } from '../../core/record/recordFile';
import type { PieceRecord } from '../../core/record/recordSchema';
import { rowsOfRecord } from '../../core/record/recordRows';
import { jsonOf } from '../../core/schema/jsonText';
import { csvOf } from './tables';

export const recordFileText = (piece: PieceRecord): string =>
  `${JSON.stringify(recordFileOf(piece), null, 2)}\n`;

/** @throws InputError for the first thing that is wrong */
export const readRecordFile = (text: string): PieceRecord => readRecord(jsonOf(text));

/** Records as a table, a row for each batch. */
export const recordsCsv = (pieces: readonly PieceRecord[]): Promise<string> =>
  csvOf(pieces.flatMap(rowsOfRecord));
