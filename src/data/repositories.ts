import { nanoid } from 'nanoid';
import { checkJob, type Job } from '../core/job';
import type { Resin } from '../core/resin/resinSchema';
import type { JobDraft } from './draft/jobDraft';

import { jobRecords, type JobRecord } from './records/jobRecord';
import { readRecords, type ReadRecords } from './records/readRecords';
import { resinRecords, type ResinRecord } from './records/resinRecord';
import { settingsId, settingsRecords, type SettingsRecord } from './records/settingsRecord';
import type { Change, RecordStore, StoredRecord } from './store/recordStore';

const now = (): string => new Date().toISOString();

export const jobKey = (id: string): string => jobRecords.prefix + id;
export const resinKey = (id: string): string => resinRecords.prefix + id;
const settingsKey = settingsRecords.prefix + settingsId;

/** A record for a draft; its last good state is kept while the draft is not whole. */
export function jobRecordOf(draft: JobDraft, before?: JobRecord): JobRecord {
  const job: Job | undefined = checkJob(draft).value;
  return {
    id: before?.id ?? nanoid(),
    schema: jobRecords.version,
    revision: (before?.revision ?? 0) + 1,
    createdAt: before?.createdAt ?? now(),
    updatedAt: now(),
    draft,
    lastGood: job ?? before?.lastGood ?? null,
  };
}

export function resinRecordOf(resin: Resin, before?: ResinRecord): ResinRecord {
  const id = before?.id ?? nanoid();
  return {
    id,
    schema: resinRecords.version,
    revision: (before?.revision ?? 0) + 1,
    updatedAt: now(),
    resin: { ...resin, id },
  };
}

export function settingsRecordOf(
  settings: Pick<SettingsRecord, 'startedWith' | 'quick'>,
  before?: SettingsRecord,
): SettingsRecord {
  return {
    id: settingsId,
    schema: settingsRecords.version,
    revision: (before?.revision ?? 0) + 1,
    ...settings,
  };
}

export const jobChange = (record: JobRecord, basedOn?: number): Change => ({
  key: jobKey(record.id),
  record,
  ...(basedOn === undefined ? {} : { basedOn }),
});

export const resinChange = (record: ResinRecord, basedOn?: number): Change => ({
  key: resinKey(record.id),
  record,
  ...(basedOn === undefined ? {} : { basedOn }),
});

export const settingsChange = (record: SettingsRecord): Change => ({ key: settingsKey, record });

/** The job changed last comes first. */
const jobsInOrder = (records: readonly JobRecord[]): JobRecord[] =>
  records.toSorted((a, b) => b.updatedAt.localeCompare(a.updatedAt));

const resinsInOrder = (records: readonly ResinRecord[]): ResinRecord[] =>
  records.toSorted((a, b) => a.resin.name.localeCompare(b.resin.name));

export async function readJobs(store: RecordStore): Promise<ReadRecords<JobRecord>> {
  const { records, unreadable } = readRecords(jobRecords, await store.read(jobRecords.prefix));
  return { records: jobsInOrder(records), unreadable };
}

export async function readResins(store: RecordStore): Promise<ReadRecords<ResinRecord>> {
  const { records, unreadable } = readRecords(resinRecords, await store.read(resinRecords.prefix));
  return { records: resinsInOrder(records), unreadable };
}

export async function readSettings(store: RecordStore): Promise<SettingsRecord | null> {
  const { records } = readRecords(settingsRecords, await store.read(settingsRecords.prefix));
  return records[0] ?? null;
}

/** The records under a prefix after these changes, without reading any of them again. */
function changed<T extends StoredRecord>(
  before: readonly T[],
  prefix: string,
  changes: readonly Change[],
): readonly T[] {
  const own = changes.filter(({ key }) => key.startsWith(prefix));
  if (own.length === 0) return before;
  const keys = new Set(own.map(({ key }) => key));
  return [
    ...before.filter(({ id }) => !keys.has(prefix + id)),
    // Changes are made by the functions above, so a record under a prefix is of its kind.
    ...own.flatMap(({ record }) => (record === null ? [] : [record as T])),
  ];
}

export function jobsAfter(
  before: ReadRecords<JobRecord>,
  changes: readonly Change[],
): ReadRecords<JobRecord> {
  const records = changed(before.records, jobRecords.prefix, changes);
  return records === before.records ? before : { ...before, records: jobsInOrder(records) };
}

export function resinsAfter(
  before: ReadRecords<ResinRecord>,
  changes: readonly Change[],
): ReadRecords<ResinRecord> {
  const records = changed(before.records, resinRecords.prefix, changes);
  return records === before.records ? before : { ...before, records: resinsInOrder(records) };
}

export function settingsAfter(
  before: SettingsRecord | null,
  changes: readonly Change[],
): SettingsRecord | null {
  const records = changed(before === null ? [] : [before], settingsRecords.prefix, changes);
  return records[0] ?? null;
}
