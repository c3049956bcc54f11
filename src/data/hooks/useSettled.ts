import { startTransition, useEffect, useState } from 'react';

/** Typing goes on for longer than this between two keys, ms. */
const pauseMs = 250;

/** What is still the same after a pause: for figures that nobody waits for between two keys. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => startTransition(() => setSettled(value)), pauseMs);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}
