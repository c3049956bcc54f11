import { useState } from 'react';
import type { Kind, ListedRecord } from '../kinds/kind';
import { jobs } from '../kinds/kinds';
import type { OneRead } from '../collection';
import type { DraftRecord } from '../records/draftRecord';
import type { JobRecord } from '../records/jobRecord';
import type { UnreadableRecord } from '../records/readRecords';
import { jobRecordOf } from '../repositories';
import type { JobDraft } from '../draft/jobDraft';
import type { StoredRecord } from '../store/versions';
import { useDrafts, useKind, useOne } from './queries';

/** Why a record cannot be shown. */
export type NotOpen =
  | 'loading'
  | 'missing'
  /** The storage did not give it out; it may be there. */
  | 'not-given'
  | { readonly unreadable: UnreadableRecord };

/** A record that is open on a screen: once it was there it stays, marked gone, when another window deletes it. */
export type OpenRecord<T> =
  | NotOpen
  | { readonly record: T; readonly gone: false }
  /** Without a record only what was typed over it is left. */
  | { readonly record: T | undefined; readonly gone: true };

/** Whether there is nothing to show, and why. */
export const isNotOpen = <T extends { readonly gone: boolean }>(
  open: T | NotOpen,
): open is NotOpen => typeof open === 'string' || 'unreadable' in open;

/** @param read what is stored now; undefined while it is being read */
function useOpenOf<T extends StoredRecord, L extends ListedRecord>(
  { collection }: Kind<T, L>,
  id: string,
  read: OneRead<T> | undefined,
): OpenRecord<T> {
  const { data: drafts } = useDrafts();
  const record = read?.record;
  const [last, setLast] = useState(record);
  if (record !== undefined && record !== last) setLast(record);
  if (record !== undefined) return { record, gone: false };
  if (read === undefined || drafts === undefined) return 'loading';
  // A newer version of Nipperkin may have written it: what is typed here stays on the screen all the same.
  if (last?.id === id) return { record: last, gone: true };
  if (read.unreadable !== undefined) return { unreadable: read.unreadable };
  const key = collection.key(id);
  return drafts.records.some(({ of }) => of === key)
    ? { record: undefined, gone: true }
    : 'missing';
}

/** The stored record of an open screen, out of a list that holds all of its kind whole. */
export function useOpen<T extends StoredRecord>(kind: Kind<T>, id: string): OpenRecord<T> {
  const { data } = useKind(kind);
  const key = kind.collection.key(id);
  return useOpenOf(
    kind,
    id,
    data && {
      record: data.records.find((each) => each.id === id),
      unreadable: data.unreadable.find((each) => each.key === key),
    },
  );
}

/** The job that was typed and whose record is gone, as one that can be brought back under its id. */
const recordOfDraft = ({ values, base }: DraftRecord, id: string): JobRecord => ({
  ...jobRecordOf(values as JobDraft),
  id,
  revision: base?.revision ?? 1,
});

/** The stored job of an open screen; what was typed into one that is gone counts as one. */
export function useOpenJobRecord(
  id: string,
): NotOpen | { readonly record: JobRecord; readonly gone: boolean } {
  const { data: read, isError } = useOne(jobs, id);
  const open = useOpenOf(jobs, id, read);
  const { data: drafts } = useDrafts();
  const key = jobs.collection.key(id);
  const [typed, setTyped] = useState<JobRecord>();
  const draft = drafts?.records.find(({ of }) => of === key);
  const isTyped = typed?.id === id;
  // Made once for a job: what is typed on is compared with it.
  if (draft !== undefined && !isTyped) setTyped(recordOfDraft(draft, id));
  if (open === 'loading' && isError) return 'not-given';
  if (isNotOpen(open)) return open;
  if (open.record !== undefined) return { record: open.record, gone: open.gone };
  return isTyped ? { record: typed, gone: true } : 'missing';
}
