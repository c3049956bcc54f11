import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { ReadRecords } from '../records/readRecords';
import { kinds } from '../kinds/kinds';
import type { Change, StoredRecord } from '../store/recordStore';
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
    // What was written is known: a keystroke must not read every job again.
    onSuccess: (_, changes) => {
      for (const { queryKey, collection } of kinds) {
        client.setQueryData<ReadRecords<StoredRecord>>(
          [...queryKey],
          // What is kept under a kind's key is of that kind.
          (before) => before && collection.after(before as ReadRecords<never>, changes),
        );
      }
    },
    onError: () => client.invalidateQueries(),
  });
  return mutateAsync;
}
