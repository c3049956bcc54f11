import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import type { CopyInfo, CopyReason } from '../../../data/copies/copyInfo';
import { useStore } from '../../../data/hooks/DataProvider';
import { makeCopy, safetyCopies } from './safetyCopies';

export const copiesKey = ['safety-copies'] as const;

/** The safety copies of this browser, the latest first; undefined until they are read. */
export const useCopyList = (): readonly CopyInfo[] | undefined =>
  useQuery({ queryKey: copiesKey, queryFn: () => safetyCopies.list() }).data;

/** Makes a copy now; false where the device had no room for it: what is to be copied is not harmed by that. */
export function useMakeCopy(): (why: CopyReason) => Promise<boolean> {
  const store = useStore();
  const client = useQueryClient();
  return useCallback(
    async (why) => {
      try {
        await makeCopy(store, why);
      } catch {
        return false;
      }
      await client.invalidateQueries({ queryKey: copiesKey });
      return true;
    },
    [store, client],
  );
}
