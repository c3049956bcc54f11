import { useEffect, useState } from 'react';
import { useBench, type BenchClock } from './benchSource';

/** A clock of seconds is told once a second, a faster one four times. */
const everyMs = 1000;
const fasterMs = 250;

/** The time at the bench, ms; told anew as it goes. */
export function useBenchNow({ now, speed }: BenchClock): number {
  const [at, setAt] = useState(now);
  useEffect(() => {
    const tell = (): void => setAt(now());
    tell();
    const timer = setInterval(tell, speed > 1 ? fasterMs : everyMs);
    // A page that slept hears of the time when it is looked at again.
    document.addEventListener('visibilitychange', tell);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tell);
    };
  }, [now, speed]);
  return at;
}

/** The time at the bench that is on the screen. Only what tells it asks for it: the rest is not drawn with every second. */
export const useBenchTime = (): number => useBenchNow(useBench().clock);
