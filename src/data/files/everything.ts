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

/** All records as one JSON file, those included that this version cannot read. */
export async function everythingText(store: RecordStore): Promise<string> {
  const records = [...(await store.read(''))].map(([key, text]) => {
    try {
      return { key, record: JSON.parse(text) as unknown };
    } catch {
      return { key, text };
    }
  });
  return `${JSON.stringify({ format: 'nipperkin-data', version: 1, records }, null, 2)}\n`;
}
