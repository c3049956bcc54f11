import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { finishDemo } from '../demo/demoChanges';
import { sweepPhotos } from '../kinds/sweep';
import { whenIdle } from '../whenIdle';
import { useStore } from './DataProvider';
import { useAllKept, useSettings } from './queries';
import { asOfOthers, type Start } from './useStart';
import { useCommit } from './useCommit';

/** Stores that were looked through for photos that nothing needs: once a page is enough. */
const swept = new WeakSet<object>();

/**
 * Reads everything that is kept, for what is more than a quick mix; what a first start left to come of the demo is written. Until
 * the cards are read a job would look as if its cards were gone.
 */
export function useWholeStart(): { readonly start: Start; readonly tryAgain: () => void } {
  const all = useAllKept();
  const { data: settings } = useSettings();
  const store = useStore();
  const client = useQueryClient();
  const commit = useCommit();
  const isFinishing = useRef(false);
  const isToCome = settings?.demoToCome === true;
  const isRead = all.every(({ count }) => count !== undefined);
  const isWhole = isRead && !isToCome;
  useEffect(() => {
    if (!isRead || !isToCome || isFinishing.current) return;
    isFinishing.current = true;
    finishDemo(store.contents)
      .then(commit)
      .catch(asOfOthers(client))
      .finally(() => {
        isFinishing.current = false;
      });
  }, [isRead, isToCome, store, client, commit]);
  useEffect(() => {
    if (!isWhole || swept.has(store)) return;
    swept.add(store);
    // Sweeping can wait until the person has what they came for.
    whenIdle(() => void sweepPhotos(store).catch(() => undefined));
  }, [isWhole, store]);
  return {
    start: isWhole ? 'ready' : all.some(({ failed }) => failed) ? 'unreadable' : 'reading',
    tryAgain: () => void client.invalidateQueries(),
  };
}
