import type { Indexed } from '../store/recordIndex';
import type { Version } from '../store/versions';
import { movedOf } from '../../core/bench/benchEvents';
import { movedCureSchema, type MovedCure } from '../../core/cure/movedCure';
import { liveRecords, type LiveRecord } from './liveRecord';

/** What a list shows of a pour at the bench: its events are read when it is opened. */
export interface LiveEntry extends Version {
  readonly id: string;
  readonly job: string;
  readonly name: string;
  readonly pourName: string;
  readonly pour: number;
  readonly startedAt: number;
  readonly state: LiveRecord['state'];
  /** The record that it is written to. */
  readonly piece: string | undefined;
  /** What was measured of it while it cures: its days follow that. */
  readonly moved: MovedCure | undefined;
  /** Of what it asks for, the share that is still to be mixed; undefined before anything was. */
  readonly restShare: number | undefined;
}

export function liveEntryOf(record: LiveRecord): LiveEntry {
  const { id, revision, stamp, job, name, pourName, pour, startedAt, state, piece } = record;
  const { restShare } = record;
  const moved = movedOf(record);
  return {
    id,
    revision,
    stamp,
    job,
    name,
    pourName,
    pour,
    startedAt,
    state,
    piece,
    moved,
    restShare,
  };
}

function isLiveEntry(key: string, value: unknown): value is LiveEntry {
  if (typeof value !== 'object' || value === null) return false;
  const entry = value as Record<keyof LiveEntry, unknown>;
  const texts = [entry.id, entry.job, entry.name, entry.pourName];
  const figures = [entry.revision, entry.pour, entry.startedAt];
  return (
    texts.every((each) => typeof each === 'string') &&
    figures.every((each) => typeof each === 'number') &&
    key === liveRecords.prefix + String(entry.id) &&
    (entry.stamp === undefined || typeof entry.stamp === 'string') &&
    (entry.piece === undefined || typeof entry.piece === 'string') &&
    (entry.moved === undefined || movedCureSchema.isValidSync(entry.moved, { strict: true })) &&
    (entry.restShare === undefined || typeof entry.restShare === 'number') &&
    (entry.state === 'under-way' || entry.state === 'over')
  );
}

/** The entry of a stored text; undefined where it does not look like a pour that this version can read. */
function entryOf(key: string, text: string): object | undefined {
  try {
    const record = JSON.parse(text) as LiveRecord;
    const entry = liveEntryOf(record);
    return record.schema === liveRecords.version && isLiveEntry(key, entry) ? entry : undefined;
  } catch {
    // Whatever it is, reading it will say so.
    return undefined;
  }
}

export const liveIndex: Indexed = {
  prefix: liveRecords.prefix,
  version: 4,
  entryOf,
  isEntry: isLiveEntry,
};
