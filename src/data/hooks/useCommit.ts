import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Collection } from '../collection';
import type { ReadRecords } from '../records/readRecords';
import {
  jobCollection,
  mouldCollection,
  resinCollection,
  settingsCollection,
} from '../repositories';
import type { Change, StoredRecord } from '../store/recordStore';
import { useStore } from './DataProvider';
import { queryKeys } from './keys';

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
      const show = <T extends StoredRecord>(key: readonly string[], kept: Collection<T>): void =>
        void client.setQueryData<ReadRecords<T>>(
          key,
          (before) => before && kept.after(before, changes),
        );
      show(queryKeys.jobs, jobCollection);
      show(queryKeys.resins, resinCollection);
      show(queryKeys.moulds, mouldCollection);
      show(queryKeys.settings, settingsCollection);
    },
    onError: () => client.invalidateQueries(),
  });
  return mutateAsync;
}
