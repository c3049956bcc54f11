import { useEffect, useSyncExternalStore } from 'react';
import { holdForPour, keepOffline, offline, onOffline, type Offline } from './serviceWorker';

/** How far the app is kept on this device. */
export const useOffline = (): Offline => useSyncExternalStore(onOffline, offline, offline);

/** After a start the person has the page to themselves for so long, ms: keeping the app fetches all of it. */
const firstMs = 3_000;

/**
 * Keeps the app on this device.
 * @param isPouring a pour is under way in this window: no newer version comes meanwhile
 */
export function useKeepOffline(isPouring: boolean): void {
  useEffect(() => {
    const timer = setTimeout(keepOffline, firstMs);
    return () => clearTimeout(timer);
  }, []);
  useEffect(() => (isPouring ? holdForPour() : undefined), [isPouring]);
}
