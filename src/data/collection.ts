import type { InferType, Schema } from 'yup';
import { checkedOrThrow } from '../core/schema/check';
import { readRecords, type ReadRecords, type RecordKind } from './records/readRecords';
import { isRecord, type Write, type Written } from './store/changes';
import type { RecordStore } from './store/recordStore';
import type { StoredRecord } from './store/versions';

/** All records of one kind: where they are, how they are written, read and ordered. */
export interface Collection<T extends StoredRecord> {
  readonly prefix: string;
  readonly key: (id: string) => string;
  /**
   * Writes a new record: there must be none.
   * @throws InputError where it could not be read again
   */
  readonly creation: (record: T) => Write;
  /**
   * Puts a record in place of the state that was read.
   * @throws InputError where it could not be read again
   */
  readonly change: (record: T, before: T) => Write;
  /** Takes away the state that was read. */
  readonly removal: (before: T) => Write;
  readonly read: (store: RecordStore) => Promise<ReadRecords<T>>;
  /** What was written makes this of what was read, without reading any of it again. */
  readonly after: (before: ReadRecords<T>, written: readonly Written[]) => ReadRecords<T>;
}

/** @param order which of two records comes first */
export function collection<S extends Schema>(
  kind: RecordKind<S>,
  order: (a: InferType<S> & StoredRecord, b: InferType<S> & StoredRecord) => number,
): Collection<InferType<S> & StoredRecord> {
  type Kept = InferType<S> & StoredRecord;
  const { prefix } = kind;
  const readable = (record: Kept): Kept => {
    checkedOrThrow(kind.schema, record);
    return record;
  };
  return {
    prefix,
    key: (id) => prefix + id,
    creation: (record) => ({ key: prefix + record.id, record: readable(record), replaces: null }),
    change: (record, before) => ({
      key: prefix + record.id,
      record: readable(record),
      replaces: before,
    }),
    removal: (before) => ({ key: prefix + before.id, record: null, replaces: before }),
    async read(store) {
      const { records, unreadable } = readRecords(kind, await store.read(prefix));
      return { records: (records as Kept[]).toSorted(order), unreadable };
    },
    after(before, written) {
      const own = written.filter(({ key }) => key.startsWith(prefix));
      if (own.length === 0) return before;
      const keys = new Set(own.map(({ key }) => key));
      const texts = new Map<string, string>();
      const records = before.records.filter(({ id }) => !keys.has(prefix + id));
      for (const { key, record } of own) {
        // What `creation` and `change` made is of this kind and can be read.
        if (isRecord(record)) records.push(record as Kept);
        else if (record !== null) texts.set(key, record.text);
      }
      const raw = readRecords(kind, texts);
      return {
        records: [...records, ...(raw.records as Kept[])].toSorted(order),
        unreadable: [...before.unreadable.filter(({ key }) => !keys.has(key)), ...raw.unreadable],
      };
    },
  };
}
