import { activateKeepAwakeAsync, deactivateKeepAwake, isAvailableAsync } from 'expo-keep-awake';
import { useEffect, useState } from 'react';

const tag = 'bench';

/**
 * Keeps the screen awake while a bench is on it.
 * @returns false where the browser cannot
 */
export function useAwake(): boolean {
  const [isAwake, setAwake] = useState(true);
  useEffect(() => {
    let isHere = true;
    const stay = async (): Promise<void> => {
      if (document.visibilityState !== 'visible') return;
      try {
        const can = await isAvailableAsync();
        if (can) await activateKeepAwakeAsync(tag);
        if (isHere) setAwake(can);
      } catch {
        // Low on battery, or not allowed here.
        if (isHere) setAwake(false);
      }
    };
    void stay();
    // The browser lets go of it whenever the page is hidden.
    const again = (): void => void stay();
    document.addEventListener('visibilitychange', again);
    return () => {
      isHere = false;
      document.removeEventListener('visibilitychange', again);
      deactivateKeepAwake(tag).catch(() => undefined);
    };
  }, []);
  return isAwake;
}
