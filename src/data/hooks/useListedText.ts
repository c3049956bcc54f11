import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { jobIndex, type JobEntry } from '../records/jobEntry';
import { sameVersion, versionOf } from '../store/versions';
import { jobCollection } from '../repositories';
import { useStore } from './DataProvider';
import { showForeign } from './shownAfter';

/**
 * The stored texts of listed jobs, by their key. An entry that does not say what its record says, because a window of an older
 * version wrote or deleted that, is mended.
 */
export function useListedTexts(): (
  entries: readonly JobEntry[],
) => Promise<ReadonlyMap<string, string>> {
  const store = useStore();
  const client = useQueryClient();
  return useCallback(
    async (entries) => {
      const texts = await store.contents(entries.map(({ id }) => jobCollection.key(id)));
      const wrong = entries
        .filter((entry) => {
          const text = texts.get(jobCollection.key(entry.id));
          const version = versionOf(text);
          return text === undefined || (version !== undefined && !sameVersion(version, entry));
        })
        .map(({ id }) => jobCollection.key(id));
      if (wrong.length > 0) {
        // It can wait, and nothing depends on it.
        void store.reindex(jobIndex, wrong).catch(() => undefined);
        void showForeign(client, store, wrong).catch(() => undefined);
      }
      return texts;
    },
    [store, client],
  );
}
