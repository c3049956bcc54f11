import type { InferType, Schema } from 'yup';
import { checkedOrThrow } from '../core/schema/check';
import type { Listing } from './listing';
import {
  readRecords,
  type ReadRecords,
  type RecordKind,
  type UnreadableRecord,
} from './records/readRecords';
import { isRecord, type Content, type Write } from './store/changes';
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
  /** The record that stands under a key by itself. */
  readonly one: (key: string, content: Content) => OneRead<T>;
  /** All of them, whole. */
  readonly readAll: (texts: ReadonlyMap<string, string>) => ReadRecords<T>;
}

/** One record as it was read; neither where there is none. */
export interface OneRead<T> {
  readonly record?: T | undefined;
  readonly unreadable?: UnreadableRecord | undefined;
}

/** @param order which of two records comes first */
export function collection<S extends Schema>(
  kind: RecordKind<S>,
  order: (a: InferType<S> & StoredRecord, b: InferType<S> & StoredRecord) => number,
): Collection<InferType<S> & StoredRecord> & Listing<InferType<S> & StoredRecord> {
  type Kept = InferType<S> & StoredRecord;
  const { prefix } = kind;
  const readable = (record: Kept): Kept => {
    checkedOrThrow(kind.schema, record, { kept: true });
    return record;
  };
  const readAll = (texts: ReadonlyMap<string, string>): ReadRecords<Kept> => {
    const { records, unreadable } = readRecords(kind, texts);
    return { records: (records as Kept[]).toSorted(order), unreadable };
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
    one(key, content) {
      if (content === null) return {};
      // What `creation` and `change` made is of this kind and can be read.
      if (isRecord(content)) return { record: content as Kept };
      const { records, unreadable } = readRecords(kind, new Map([[key, content.text]]));
      return { record: records[0] as Kept | undefined, unreadable: unreadable[0] };
    },
    readAll,
    read: async (store) => readAll(await store.read(prefix)),
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
