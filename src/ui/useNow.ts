import { useSyncExternalStore } from 'react';
import { sayMoment } from '../words/moments';

const msPerMin = 60_000;

const minuteNow = (): number => Math.floor(Date.now() / msPerMin);

function onMinute(tell: () => void): () => void {
  let timer: ReturnType<typeof setTimeout>;
  const wait = (): void => {
    timer = setTimeout(
      () => {
        tell();
        wait();
      },
      msPerMin - (Date.now() % msPerMin),
    );
  };
  wait();
  // A page that slept hears of the time when it is looked at again.
  document.addEventListener('visibilitychange', tell);
  return () => {
    clearTimeout(timer);
    document.removeEventListener('visibilitychange', tell);
  };
}

/** The time, min since 1970; told anew each minute. */
export const useNow = (): number => useSyncExternalStore(onMinute, minuteNow, minuteNow);

/** Where the person lives, by their device. */
export const ownZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

/**
 * A moment as the person says it, on their own clock.
 * @param ms since 1970
 * @param now min since 1970
 */
export const sayHere = (ms: number, now: number): string =>
  sayMoment(ms / msPerMin, now, ownZone());
