import type { InferType, Schema } from 'yup';
import { jobEntryOf, jobIndex, type JobEntry } from './records/jobEntry';
import { jobRecords, type JobRecord } from './records/jobRecord';
import { liveEntryOf, liveIndex, type LiveEntry } from './records/liveEntry';
import { liveRecords } from './records/liveRecord';
import { pieceEntryOf, pieceIndex, type PieceEntry } from './records/pieceEntry';
import { pieceRecords } from './records/pieceRecord';
import { readRecords, type ReadRecords, type RecordKind } from './records/readRecords';
import { isRecord, type Written } from './store/changes';
import type { Indexed } from './store/recordIndex';
import type { RecordStore } from './store/recordStore';

/** All records of one kind as they are held in memory: whole, or as entries of an index. */
export interface Listing<L> {
  readonly read: (store: RecordStore) => Promise<ReadRecords<L>>;
  /** What was written makes this of what was read, without reading any of it again. */
  readonly after: (before: ReadRecords<L>, written: readonly Written[]) => ReadRecords<L>;
}

/** Records of one kind that are listed by an index: thousands are listed, and each is read when it is opened. */
function indexedListing<S extends Schema, L extends { readonly id: string }>(
  kind: RecordKind<S>,
  index: Indexed,
  entryOf: (record: InferType<S>) => L,
  order: (a: L, b: L) => number,
): Listing<L> {
  /** What must be read to be listed. */
  const readWhole = (texts: ReadonlyMap<string, string>): ReadRecords<L> => {
    const { records, unreadable } = readRecords(kind, texts);
    return { records: records.map(entryOf), unreadable };
  };
  return {
    async read(store) {
      const { entries, others } = await store.list(index);
      const { records, unreadable } = readWhole(others);
      // The index gives what its own guard let through.
      const listed = [...(entries.values() as IterableIterator<L>), ...records];
      return { records: listed.toSorted(order), unreadable };
    },
    after(before, written) {
      const own = written.filter(({ key }) => key.startsWith(kind.prefix));
      if (own.length === 0) return before;
      const keys = new Set(own.map(({ key }) => key));
      const others = new Map<string, string>();
      const records: L[] = [];
      for (const { key, record } of own) {
        if (isRecord(record)) records.push(entryOf(record as InferType<S>));
        else if (record !== null) {
          const entry = index.entryOf(key, record.text);
          if (entry === undefined) others.set(key, record.text);
          else records.push(entry as L);
        }
      }
      const read = readWhole(others);
      const stayed = before.records.filter(({ id }) => !keys.has(kind.prefix + id));
      return {
        records: [...records, ...stayed, ...read.records].toSorted(order),
        unreadable: [...before.unreadable.filter(({ key }) => !keys.has(key)), ...read.unreadable],
      };
    },
  };
}

/** Later first; dates of one form are ordered as texts, and of thousands nearly all stand in their order already. */
const latestFirst = (a: JobEntry, b: JobEntry): number =>
  a.updatedAt === b.updatedAt ? 0 : a.updatedAt < b.updatedAt ? 1 : -1;

/** All jobs, the one changed last on top. */
export const jobListing: Listing<JobEntry> = indexedListing(
  jobRecords,
  jobIndex,
  (record) => jobEntryOf(record as JobRecord),
  latestFirst,
);

/** All pours at the bench, the one begun last on top. */
export const liveListing: Listing<LiveEntry> = indexedListing(
  liveRecords,
  liveIndex,
  liveEntryOf,
  (a, b) => b.startedAt - a.startedAt,
);

/** All records of pieces, the one made last on top. */
export const pieceListing: Listing<PieceEntry> = indexedListing(
  pieceRecords,
  pieceIndex,
  pieceEntryOf,
  (a, b) => b.madeAt - a.madeAt,
);
