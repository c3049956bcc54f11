import { useState } from 'react';
import { StaleWriteError } from '../store/staleWriteError';

/** Saving a card that another tab may have changed meanwhile: then it is told and nothing is overwritten. */
export function useCardSaving<C, R>(
  save: (card: C) => Promise<R>,
): { readonly stale: boolean; readonly save: (card: C) => Promise<R | undefined> } {
  const [stale, setStale] = useState(false);
  return {
    stale,
    async save(card) {
      try {
        return await save(card);
      } catch (error) {
        if (!(error instanceof StaleWriteError)) throw error;
        setStale(true);
        return undefined;
      }
    },
  };
}
