import { useMemo } from 'react';
import type { Kind } from '../kinds/kind';
import type { DraftRecord } from '../records/draftRecord';
import { draftCollection } from '../repositories';
import type { StoredRecord } from '../store/versions';
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
export function useUnsaved<T extends StoredRecord>(kind: Kind<T>): Unsaved {
  const { data: drafts } = useDrafts();
  const { data } = useKind(kind);
  const undoable = useUndoable();
  return useMemo(() => {
    const { prefix, key } = kind.collection;
    const own = (drafts?.records ?? []).filter(({ of }) => of.startsWith(prefix));
    const there = new Set((data?.records ?? []).map(({ id }) => key(id)));
    const typedOver = new Set(own.map(({ of }) => of));
    return {
      apart: own.filter(({ of }) => !there.has(of)),
      isTypedOver: (id) => typedOver.has(key(id)),
      drop: (draft) => undoable([draftCollection.removal(draft)]),
    };
  }, [kind, drafts, data, undoable]);
}

/** The id of the record that a draft is of; empty for one that is not kept yet. */
export const idOfDraft = ({ of }: DraftRecord): string => of.slice(of.indexOf('/') + 1);
