import { nanoid } from 'nanoid';
import type { Job } from '../core/job/jobSchema';
import type { Mould } from '../core/measure/mould/mouldSchema';
import type { Resin } from '../core/resin/resinSchema';
import { collection } from './collection';
import { checkedDraft } from './draft/checkedDraft';
import type { JobDraft } from './draft/jobDraft';
import { asideRecords, type AsideRecord } from './records/asideRecord';
import { asChecked, jobRecords, type JobRecord } from './records/jobRecord';
import { mouldRecords, type MouldRecord } from './records/mouldRecord';
import { photoRecords } from './records/photoRecord';
import { datesRecords, type DatesRecord } from './records/datesRecord';
import { ticksRecords, type TicksRecord } from './records/ticksRecord';
import type { BenchCopy } from '../core/bench/benchCopy';
import { copyRecords, type CopyRecord } from './records/copyRecord';
import { liveRecords, type LiveRecord } from './records/liveRecord';
import type { PieceRecord } from '../core/record/recordSchema';
import { pieceRecords, type KeptPiece } from './records/pieceRecord';
import type { UnreadableRecord } from './records/readRecords';
import { resinRecords, type ResinRecord } from './records/resinRecord';
import type { StoredRecord } from './store/versions';
import { settingsRecords } from './records/settingsRecord';
import { draftRecords, type DraftRecord } from './records/draftRecord';
import { nextVersion } from './records/stored';

const now = (): string => new Date().toISOString();

/** The job changed last comes first. */
export const jobCollection = collection(jobRecords, (a, b) =>
  b.updatedAt.localeCompare(a.updatedAt),
);
export const resinCollection = collection(resinRecords, (a, b) =>
  a.resin.name.localeCompare(b.resin.name),
);
export const mouldCollection = collection(mouldRecords, (a, b) =>
  a.mould.name.localeCompare(b.mould.name),
);
export const photoCollection = collection(photoRecords, (a, b) => a.id.localeCompare(b.id));
/** The latest comes first: of several for one record it is the one that is gone on with. */
export const draftCollection = collection(draftRecords, (a, b) =>
  b.updatedAt.localeCompare(a.updatedAt),
);
/** In the order of their jobs' ids: there is one for each job. */
export const datesCollection = collection(datesRecords, (a, b) => a.id.localeCompare(b.id));
export const ticksCollection = collection(ticksRecords, (a, b) => a.id.localeCompare(b.id));
/** Pours at the bench, and the plans that they go by. */
export const liveCollection = collection(liveRecords, (a, b) => b.startedAt - a.startedAt);
export const copyCollection = collection(copyRecords, (a, b) => a.id.localeCompare(b.id));
/** What happened to pieces, the latest first. */
export const pieceCollection = collection(pieceRecords, (a, b) => b.piece.madeAt - a.piece.madeAt);
/** There is one record of settings. */
export const settingsCollection = collection(settingsRecords, () => 0);

/** What could not be read and had to make room. */
export const asideCollection = collection(asideRecords, (a, b) => a.key.localeCompare(b.key));

/** A record for a draft; its last good state is kept while the draft is not whole. */
export function jobRecordOf(draft: JobDraft, before?: JobRecord): JobRecord {
  const job: Job | undefined = checkedDraft(draft).value;
  return {
    id: before?.id ?? nanoid(),
    schema: jobRecords.version as 4,
    ...nextVersion(before),
    createdAt: before?.createdAt ?? now(),
    updatedAt: now(),
    draft,
    lastGood: (job && asChecked(job)) ?? before?.lastGood ?? null,
  };
}

/** What a record of a card carries besides the card; the card knows its own id. */
function cardRecordBase<V extends number>(
  schema: V,
  before: StoredRecord | undefined,
  id = before?.id ?? nanoid(),
) {
  return {
    id,
    schema,
    ...nextVersion(before),
    updatedAt: now(),
  } as const;
}

export function resinRecordOf(
  resin: Resin,
  calibrations: ResinRecord['calibrations'],
  before?: ResinRecord,
  id?: string,
): ResinRecord {
  const base = cardRecordBase(resinRecords.version, before, id);
  return { ...base, resin: { ...resin, id: base.id }, calibrations };
}

export function mouldRecordOf(mould: Mould, before?: MouldRecord, id?: string): MouldRecord {
  const base = cardRecordBase(mouldRecords.version, before, id);
  return { ...base, mould: { ...mould, id: base.id } };
}

/**
 * What is typed, as a record of its own.
 * @param id of a draft that is not kept yet
 */
export const draftRecordOf = (
  typed: Pick<DraftRecord, 'of' | 'name' | 'base' | 'values'>,
  before?: DraftRecord,
  id: string = nanoid(),
): DraftRecord => ({
  ...typed,
  id: before?.id ?? id,
  schema: draftRecords.version as 1,
  ...nextVersion(before),
  updatedAt: now(),
});

/** When a job is wanted. */
export const datesRecordOf = (
  id: string,
  dates: Pick<DatesRecord, 'start' | 'due' | 'pins'>,
  before?: DatesRecord,
): DatesRecord => ({
  ...dates,
  id,
  schema: datesRecords.version as 1,
  ...nextVersion(before),
});

/** What of a job was done. */
export const ticksRecordOf = (
  id: string,
  ticks: Pick<TicksRecord, 'lines' | 'tasks'>,
  before?: TicksRecord,
): TicksRecord => ({
  ...ticks,
  id,
  schema: ticksRecords.version as 1,
  ...nextVersion(before),
});

/** A pour at the bench. */
export const liveRecordOf = (
  live: Omit<LiveRecord, 'id' | 'schema' | 'revision' | 'stamp'>,
  before?: LiveRecord,
): LiveRecord => ({
  ...live,
  id: before?.id ?? nanoid(),
  schema: liveRecords.version as 1,
  ...nextVersion(before),
});

/** The plan that a pour goes by. */
export const copyRecordOf = (id: string, copy: BenchCopy, before?: CopyRecord): CopyRecord => ({
  id,
  // As it will be read again: what is undefined is not there.
  copy: JSON.parse(JSON.stringify(copy)) as BenchCopy,
  schema: copyRecords.version as 1,
  ...nextVersion(before),
});

/** What happened to a piece. @param id of the new one, where its pours know it already */
export const keptPieceOf = (piece: PieceRecord, before?: KeptPiece, id?: string): KeptPiece => ({
  id: before?.id ?? id ?? nanoid(),
  // As it will be read again: what is undefined is not there.
  piece: JSON.parse(JSON.stringify(piece)) as PieceRecord,
  schema: pieceRecords.version as 1,
  ...nextVersion(before),
});

/** An unreadable text as a record that can be kept beside what takes its place. */
export const asideRecordOf = (unreadable: UnreadableRecord): AsideRecord => ({
  ...unreadable,
  id: nanoid(),
  schema: asideRecords.version as 1,
  ...nextVersion(),
});
