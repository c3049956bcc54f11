import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Change } from '../store/recordStore';
import { useStore } from './DataProvider';

/**
 * Writes changes in one transaction and shows them everywhere.
 * Rejects with StaleWriteError where another tab was first; the screens are then read anew.
 */
export function useCommit() {
  const store = useStore();
  const client = useQueryClient();
  const { mutateAsync } = useMutation({
    mutationFn: (changes: readonly Change[]) => store.commit(changes),
    // One write after the other: each is based on the one before.
    scope: { id: 'commit' },
    onSettled: () => client.invalidateQueries(),
  });
  return mutateAsync;
}
