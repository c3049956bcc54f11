import type { UnreadableRecord } from '../records/readRecords';
import type { StoredRecord } from '../store/versions';
import { download } from './download';

/** Hands the person what cannot be read, as it is. */
export const saveUnreadable = (records: readonly UnreadableRecord[]): void =>
  download('nipperkin-unreadable.json', JSON.stringify(records, null, 2));

/** Hands the person a record that cannot be shown. */
export const saveRecord = (record: StoredRecord): void =>
  download(`nipperkin-${record.id}.json`, JSON.stringify(record, null, 2));
