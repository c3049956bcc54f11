import { object, array, string, mixed } from 'yup';
import { InputError } from '../../core/problem';
import { checkedOrThrow } from '../../core/schema/check';
import { jsonOf, type JsonLimits } from '../../core/schema/jsonText';
import type { UnreadableRecord } from '../records/readRecords';
import type { RecordStore } from '../store/recordStore';
import type { StoredRecord } from '../store/versions';
import { download } from './download';

/** Hands the person what cannot be read, as it is. */
export const saveUnreadable = (records: readonly UnreadableRecord[]): void =>
  download('nipperkin-unreadable.json', JSON.stringify(records, null, 2));

/** Hands the person a record that cannot be shown. */
export const saveRecord = (record: StoredRecord): void =>
  download(`nipperkin-${record.id}.json`, JSON.stringify(record, null, 2));

/** What an entry of the file may hold besides what a record may: it stands a little deeper, and there are many. */
const fileLimits: JsonLimits = { deepest: 50, mostThings: 200_000, mostInAll: 20_000_000 };

/** A record as it is, where that says the very text that is stored; as text otherwise. */
function entryOf(key: string, text: string): object {
  try {
    const record = jsonOf(text);
    const isObject = typeof record === 'object' && record !== null && !Array.isArray(record);
    if (isObject && JSON.stringify(record) === text) return { key, record };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
  }
  return { key, text };
}

/** All records as one JSON file, those included that this version cannot read. */
export async function everythingText(store: RecordStore): Promise<string> {
  const records = [...(await store.read(''))].map(([key, text]) => entryOf(key, text));
  return `${JSON.stringify({ format: 'nipperkin-data', version: 1, records }, null, 2)}\n`;
}

const entrySchema = object({
  key: string()
    .matches(/^[a-z]+\/.{1,100}$/)
    .required(),
  record: mixed().optional(),
  text: string().optional(),
}).noUnknown();

const fileSchema = object({
  format: string()
    .oneOf(['nipperkin-data'] as const)
    .required(),
  version: mixed<1>((value): value is 1 => value === 1).required(),
  records: array().of(entrySchema).defined(),
}).noUnknown();

/**
 * What a file of everything holds, as it was stored: texts by key.
 * @throws InputError for the first thing that is wrong
 */
export function readEverything(text: string): ReadonlyMap<string, string> {
  const { records } = checkedOrThrow(fileSchema, jsonOf(text, fileLimits));
  return new Map(
    records.map(({ key, record, text: raw }) => [key, raw ?? JSON.stringify(record ?? null)]),
  );
}
