import { useState } from 'react';
import type { Kind } from '../kinds/kind';
import { jobs } from '../kinds/kinds';
import type { DraftRecord } from '../records/draftRecord';
import type { JobRecord } from '../records/jobRecord';
import { jobRecordOf } from '../repositories';
import type { JobDraft } from '../draft/jobDraft';
import type { StoredRecord } from '../store/versions';
import { useDrafts, useKind } from './queries';

/** A record that is open on a screen: once it was there it stays, marked gone, when another window deletes it. */
export type OpenRecord<T> =
  | 'loading'
  | 'missing'
  | { readonly record: T; readonly gone: false }
  /** Without a record only what was typed over it is left. */
  | { readonly record: T | undefined; readonly gone: true };

/** The stored record of an open screen. */
export function useOpen<T extends StoredRecord>(kind: Kind<T>, id: string): OpenRecord<T> {
  const { data } = useKind(kind);
  const { data: drafts } = useDrafts();
  const record = data?.records.find((each) => each.id === id);
  const [last, setLast] = useState(record);
  if (record !== undefined && record !== last) setLast(record);
  if (record !== undefined) return { record, gone: false };
  if (data === undefined || drafts === undefined) return 'loading';
  if (last?.id === id) return { record: last, gone: true };
  const key = kind.collection.key(id);
  return drafts.records.some(({ of }) => of === key)
    ? { record: undefined, gone: true }
    : 'missing';
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
): 'loading' | 'missing' | { readonly record: JobRecord; readonly gone: boolean } {
  const open = useOpen(jobs, id);
  const { data: drafts } = useDrafts();
  const key = jobs.collection.key(id);
  const [typed] = useState(() => {
    const draft = drafts?.records.find(({ of }) => of === key);
    return draft && recordOfDraft(draft, id);
  });
  if (typeof open === 'string') return open;
  const record = open.record ?? typed;
  return record === undefined ? 'missing' : { record, gone: open.gone };
}
