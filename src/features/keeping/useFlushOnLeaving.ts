import { useEffect } from 'react';
import type { RecordStore } from '../../data/store/recordStore';

/**
 * Writes what is not stored yet when the page is hidden or closed, and asks before leaving only where nothing can keep it.
 * @param inMemory nothing that is made here is kept
 */
export function useFlushOnLeaving(store: RecordStore | undefined, inMemory: boolean): void {
  useEffect(() => {
    if (store === undefined) return undefined;
    let hasMade = false;
    const end = store.onSaveState(() => {
      hasMade = true;
    });
    const flush = (): void => void store.flush();
    const hidden = (): void => {
      if (document.visibilityState === 'hidden') flush();
    };
    const ask = (event: BeforeUnloadEvent): void => {
      if (!store.flush() || (inMemory && hasMade)) event.preventDefault();
    };
    window.addEventListener('pagehide', flush);
    document.addEventListener('visibilitychange', hidden);
    window.addEventListener('beforeunload', ask);
    return () => {
      end();
      window.removeEventListener('pagehide', flush);
      document.removeEventListener('visibilitychange', hidden);
      window.removeEventListener('beforeunload', ask);
    };
  }, [store, inMemory]);
}
