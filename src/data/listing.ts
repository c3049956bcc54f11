import { jobEntryOf, jobIndex, type JobEntry } from './records/jobEntry';
import { jobRecords, type JobRecord } from './records/jobRecord';
import { readRecords, type ReadRecords } from './records/readRecords';
import { isRecord, type Written } from './store/changes';
import type { RecordStore } from './store/recordStore';

/** All records of one kind as they are held in memory: whole, or as entries of an index. */
export interface Listing<L> {
  readonly read: (store: RecordStore) => Promise<ReadRecords<L>>;
  /** What was written makes this of what was read, without reading any of it again. */
  readonly after: (before: ReadRecords<L>, written: readonly Written[]) => ReadRecords<L>;
}

/** Later first; dates of one form are ordered as texts, and of thousands nearly all stand in their order already. */
const latestFirst = (a: JobEntry, b: JobEntry): number =>
  a.updatedAt === b.updatedAt ? 0 : a.updatedAt < b.updatedAt ? 1 : -1;

/** What must be read to be listed. */
function readWhole(texts: ReadonlyMap<string, string>): ReadRecords<JobEntry> {
  const { records, unreadable } = readRecords(jobRecords, texts);
  return { records: records.map((record) => jobEntryOf(record as JobRecord)), unreadable };
}

/** All jobs, the one changed last on top: thousands are listed, and each is read when it is opened. */
export const jobListing: Listing<JobEntry> = {
  async read(store) {
    const { entries, others } = await store.list(jobIndex);
    const { records, unreadable } = readWhole(others);
    // The index gives what its own guard let through.
    const listed = [...(entries.values() as IterableIterator<JobEntry>), ...records];
    return { records: listed.toSorted(latestFirst), unreadable };
  },
  after(before, written) {
    const own = written.filter(({ key }) => key.startsWith(jobRecords.prefix));
    if (own.length === 0) return before;
    const keys = new Set(own.map(({ key }) => key));
    const others = new Map<string, string>();
    const records: JobEntry[] = [];
    for (const { key, record } of own) {
      if (isRecord(record)) records.push(jobEntryOf(record as JobRecord));
      else if (record !== null) {
        const entry = jobIndex.entryOf(key, record.text);
        if (entry === undefined) others.set(key, record.text);
        else records.push(entry as JobEntry);
      }
    }
    const read = readWhole(others);
    const stayed = before.records.filter(({ id }) => !keys.has(jobRecords.prefix + id));
    return {
      records: [...records, ...stayed, ...read.records].toSorted(latestFirst),
      unreadable: [...before.unreadable.filter(({ key }) => !keys.has(key)), ...read.unreadable],
    };
  },
};
