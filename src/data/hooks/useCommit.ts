import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { isPatch, type Change, type Write, type Written } from '../store/changes';
import { StaleWriteError } from '../store/staleWriteError';
import { undoing } from '../store/undoing';
import { useStore } from './DataProvider';
import { showWritten } from './shownAfter';

/**
 * Writes changes in one transaction and shows them everywhere.
 * Rejects with StaleWriteError where another window was first; the screens are then read anew.
 * @param unread what is written comes from elsewhere and was not read by this version: it is read as it is stored
 */
export function useCommit(
  unread = false,
): (changes: readonly Change[]) => Promise<readonly Written[]> {
  const store = useStore();
  const client = useQueryClient();
  const { mutateAsync } = useMutation({
    mutationFn: (changes: readonly Change[]) => store.commit(changes),
    // One write after the other: each is based on the one before.
    scope: { id: 'commit' },
    // What was written is known: a keystroke must not read every job again.
    onSuccess: (written, changes) => {
      if (unread) return client.invalidateQueries();
      const isReading = client.isFetching() > 0;
      const isKnown = changes.every(
        (change) => !isPatch(change) || written.some(({ key }) => key === change.key),
      );
      showWritten(client, written);
      // What is being read may be what was there before.
      if (isReading || !isKnown) void client.invalidateQueries();
      return undefined;
    },
    onError: () => client.invalidateQueries(),
  });
  return mutateAsync;
}

/** Takes something back; `overtaken` where it was changed since, and then nothing is. */
export type Undo = () => Promise<'undone' | 'overtaken'>;

/** Takes back what `work` writes; what was changed since stays as it is. */
export async function undone(work: () => Promise<unknown>): Promise<'undone' | 'overtaken'> {
  try {
    await work();
    return 'undone';
  } catch (error) {
    if (error instanceof StaleWriteError) return 'overtaken';
    throw error;
  }
}

/** Writes changes in one transaction, as `useCommit`, and gives what takes them back. */
export function useUndoable(unread = false): (writes: readonly Write[]) => Promise<Undo> {
  const commit = useCommit(unread);
  return useCallback(
    async (writes) => {
      await commit(writes);
      return () => undone(() => commit(undoing(writes)));
    },
    [commit],
  );
}
