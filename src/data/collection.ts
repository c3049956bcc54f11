import type { InferType, Schema } from 'yup';
import { readRecords, type ReadRecords, type RecordKind } from './records/readRecords';
import type { Change, RecordStore, StoredRecord } from './store/recordStore';

/** All records of one kind: where they are, how they are written, read and ordered. */
export interface Collection<T extends StoredRecord> {
  readonly key: (id: string) => string;
  /**
   * Writes a record.
   * @param basedOn the revision that was read; another one in the store then refuses the write
   */
  readonly change: (record: T, basedOn?: number) => Change;
  readonly removal: (id: string) => Change;
  readonly read: (store: RecordStore) => Promise<ReadRecords<T>>;
  /** What these changes make of what was read, without reading any of it again. */
  readonly after: (before: ReadRecords<T>, changes: readonly Change[]) => ReadRecords<T>;
}

/** @param order which of two records comes first */
export function collection<S extends Schema>(
  kind: RecordKind<S>,
  order: (a: InferType<S> & StoredRecord, b: InferType<S> & StoredRecord) => number,
): Collection<InferType<S> & StoredRecord> {
  type Kept = InferType<S> & StoredRecord;
  const { prefix } = kind;
  return {
    key: (id) => prefix + id,
    change: (record, basedOn) => ({
      key: prefix + record.id,
      record,
      ...(basedOn === undefined ? {} : { basedOn }),
    }),
    removal: (id) => ({ key: prefix + id, record: null }),
    async read(store) {
      const { records, unreadable } = readRecords(kind, await store.read(prefix));
      return { records: (records as Kept[]).toSorted(order), unreadable };
    },
    after(before, changes) {
      const own = changes.filter(({ key }) => key.startsWith(prefix));
      if (own.length === 0) return before;
      const keys = new Set(own.map(({ key }) => key));
      const records = [
        ...before.records.filter(({ id }) => !keys.has(prefix + id)),
        // Changes are made by `change` above, so a record under a prefix is of its kind.
        ...own.flatMap(({ record }) => (record === null ? [] : [record as Kept])),
      ];
      return { ...before, records: records.toSorted(order) };
    },
  };
}
