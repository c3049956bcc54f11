import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useStore } from '../../../data/hooks/DataProvider';
import { whenIdle } from '../../../data/whenIdle';
import { makeDueCopy } from './safetyCopies';
import { copiesKey } from './useSafetyCopies';

/** How often it is looked whether a copy is due, ms. */
const everyMs = 10 * 60 * 1000;
/** After a start the person has the page to themselves for so long, ms. */
const firstMs = 20_000;

/**
 * Makes safety copies by itself while the app is open.
 * @param isBusy nothing is copied meanwhile: at the bench the device has other things to do
 */
export function useRollingCopies(isBusy: boolean): void {
  const store = useStore();
  const client = useQueryClient();
  useEffect(() => {
    if (isBusy) return undefined;
    const look = (): void =>
      whenIdle(() => {
        // A device without room says so where everything is saved; the next look tries again.
        void makeDueCopy(store)
          .then((made) => made && client.invalidateQueries({ queryKey: copiesKey }))
          .catch(() => undefined);
      });
    const first = setTimeout(look, firstMs);
    const timer = setInterval(look, everyMs);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, [isBusy, store, client]);
}
