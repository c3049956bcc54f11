import { nanoid } from 'nanoid';
import { useMemo, useRef, useState } from 'react';
import type { DraftRecord } from '../records/draftRecord';
import { draftCollection, draftRecordOf } from '../repositories';
import type { Change, Write } from '../store/changes';
import type { StoredRecord, Version } from '../store/versions';
import { StaleWriteError } from '../store/staleWriteError';
import { useDrafts } from '../hooks/queries';
import { useCommit } from '../hooks/useCommit';

/** What is typed, for as long as nothing else keeps it. */
export interface TypedDraft {
  /** What was typed before, at an earlier time, and not saved. */
  readonly found: DraftRecord | undefined;
  /** Whether there is one now. */
  readonly isKept: () => boolean;
  /** Keeps what is typed. */
  readonly writing: (values: object, name: string, base: Version | null) => Write;
  /** Takes the draft away, together with what saves it. */
  readonly removal: () => readonly Write[];
  /** These were written. */
  readonly written: (changes: readonly Change[]) => void;
  /** Another window has changed or taken away this draft: the next one is of its own. */
  readonly letGo: () => void;
  /** Takes the draft away by itself; where another window goes on with it, it is left to that. */
  readonly drop: () => Promise<void>;
  /** Goes on with a draft that was made of what is typed here. */
  readonly goOnWith: (draft: DraftRecord) => void;
}

/** The state on which typing begins. */
export const baseOf = (record: StoredRecord | undefined): Version | null =>
  record === undefined ? null : { revision: record.revision, stamp: record.stamp };

/**
 * @param of key of the record that is typed at; with an empty id for one that is not kept yet
 * @param resumes whether what was typed before is gone on with
 */
export function useTypedDraft(of: string, resumes = true): TypedDraft {
  const { data: drafts } = useDrafts();
  const [found] = useState(() =>
    resumes ? drafts?.records.find((draft) => draft.of === of) : undefined,
  );
  const commit = useCommit();
  const current = useRef(found);
  // A page that is closed while the first letters are on their way leaves later ones of the same draft, and not a second one.
  const nextId = useRef<string>(undefined);
  return useMemo(
    () => ({
      found,
      async drop() {
        const before = current.current;
        current.current = undefined;
        if (before === undefined) return;
        try {
          await commit([draftCollection.removal(before)]);
        } catch (error) {
          if (!(error instanceof StaleWriteError)) throw error;
        }
      },
      isKept: () => current.current !== undefined,
      writing(values, name, base) {
        const before = current.current;
        nextId.current ??= nanoid();
        const next = draftRecordOf({ of, name, base, values }, before, nextId.current);
        return before === undefined
          ? draftCollection.creation(next)
          : draftCollection.change(next, before);
      },
      removal: () =>
        current.current === undefined ? [] : [draftCollection.removal(current.current)],
      written(changes) {
        for (const change of changes) {
          if (!change.key.startsWith(draftCollection.prefix) || !('record' in change)) continue;
          current.current = (change.record ?? undefined) as DraftRecord | undefined;
          nextId.current = undefined;
        }
      },
      letGo: () => {
        current.current = undefined;
        nextId.current = undefined;
      },
      goOnWith: (draft) => {
        current.current = draft;
      },
    }),
    [found, of, commit],
  );
}
