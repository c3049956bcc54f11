import { useMemo } from 'react';
import type { Kind, ListedRecord } from '../kinds/kind';
import type { DraftRecord } from '../records/draftRecord';
import { draftCollection } from '../repositories';
import { idOfKey, type StoredRecord } from '../store/versions';
import { useDrafts, useKind } from '../hooks/queries';
import { useUndoable, type Undo } from '../hooks/useCommit';

/** What was typed into records of one kind and is not saved. */
export interface Unsaved {
  /** Of records that are not there: new ones, and those that were deleted meanwhile. */
  readonly apart: readonly DraftRecord[];
  /** Whether something is typed over this record. */
  readonly isTypedOver: (id: string) => boolean;
  readonly drop: (draft: DraftRecord) => Promise<Undo>;
}

/** Everything of one kind that is typed and not saved. */
export function useUnsaved<T extends StoredRecord, L extends ListedRecord>(
  kind: Kind<T, L>,
): Unsaved {
  const { data: drafts } = useDrafts();
  const { data } = useKind(kind);
  const undoable = useUndoable();
  const { prefix, key } = kind.collection;
  const own = useMemo(
    () => (drafts?.records ?? []).filter(({ of }) => of.startsWith(prefix)),
    [drafts, prefix],
  );
  const apart = useMemo(() => {
    if (own.length === 0) return own;
    const there = new Set((data?.records ?? []).map(({ id }) => key(id)));
    return own.filter(({ of }) => !there.has(of));
  }, [own, data, key]);
  // Of the drafts alone: a row is not drawn anew because another record was written.
  const isTypedOver = useMemo(() => {
    const typedOver = new Set(own.map(({ of }) => of));
    return (id: string) => typedOver.has(key(id));
  }, [own, key]);
  return { apart, isTypedOver, drop: (draft) => undoable([draftCollection.removal(draft)]) };
}

/** The id of the record that a draft is of; empty for one that is not kept yet. */
export const idOfDraft = ({ of }: DraftRecord): string => idOfKey(of);
