import type { Indexed } from '../store/recordIndex';
import type { Version } from '../store/versions';
import { jobRecords, type JobRecord } from './jobRecord';
import { photosOf } from './photosOf';

/** What a list shows of a job that is not read yet, and what must be known of all jobs. */
export interface JobEntry extends Version {
  readonly id: string;
  readonly name: string;
  readonly updatedAt: string;
  /** Ids of the photos that its outlines are traced on. */
  readonly photos: readonly string[];
}

/** The entry of a record, read or not: whatever else it holds, these stand where they belong. */
export function jobEntryOf(
  record: Pick<JobRecord, 'id' | 'updatedAt' | 'revision' | 'stamp' | 'draft' | 'lastGood'>,
): JobEntry {
  const { id, updatedAt, revision, stamp, draft } = record;
  return { id, name: draft.name, updatedAt, revision, stamp, photos: photosOf(record) };
}

const isTexts = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every((each) => typeof each === 'string');

/** By hand: of thousands of entries each is looked at before anything is shown. */
function isJobEntry(key: string, value: unknown): value is JobEntry {
  if (typeof value !== 'object' || value === null) return false;
  const { id, name, updatedAt, revision, stamp, photos } = value as Record<keyof JobEntry, unknown>;
  return (
    typeof id === 'string' &&
    key === jobRecords.prefix + id &&
    typeof name === 'string' &&
    typeof updatedAt === 'string' &&
    typeof revision === 'number' &&
    (stamp === undefined || typeof stamp === 'string') &&
    isTexts(photos)
  );
}

/** The entry of a stored text, without reading all of it; undefined where it does not look like a job that this version can read. */
function entryOf(key: string, text: string): JobEntry | undefined {
  try {
    const record = JSON.parse(text) as JobRecord;
    const isReadable = record.schema >= 1 && record.schema <= jobRecords.version;
    const entry = jobEntryOf(record);
    return isReadable && isJobEntry(key, entry) ? entry : undefined;
  } catch {
    // Whatever it is, reading it will say so.
    return undefined;
  }
}

export const jobIndex: Indexed = {
  prefix: jobRecords.prefix,
  version: 1,
  entryOf,
  isEntry: isJobEntry,
};
