import { useMutation, useQueryClient } from '@tanstack/react-query';
import {
  jobsAfter,
  resinsAfter,
  settingsAfter,
  type readJobs,
  type readResins,
  type readSettings,
} from '../repositories';
import type { Change } from '../store/recordStore';
import { useStore } from './DataProvider';
import { queryKeys } from './keys';

type Read<F extends (...args: never[]) => Promise<unknown>> = Awaited<ReturnType<F>>;

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
      client.setQueryData<Read<typeof readJobs>>(
        queryKeys.jobs,
        (before) => before && jobsAfter(before, changes),
      );
      client.setQueryData<Read<typeof readResins>>(
        queryKeys.resins,
        (before) => before && resinsAfter(before, changes),
      );
      client.setQueryData<Read<typeof readSettings>>(queryKeys.settings, (before) =>
        before === undefined ? undefined : settingsAfter(before, changes),
      );
    },
    onError: () => client.invalidateQueries(),
  });
  return mutateAsync;
}
