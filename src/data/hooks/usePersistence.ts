import { useQuery } from '@tanstack/react-query';

/** What the browser says to the wish that it keeps this data even when the device runs full. */
export type Persistence = 'kept' | 'not-promised' | 'unknown';

/** Asks the browser to keep what is stored, and gives its answer. */
async function ask(): Promise<Persistence> {
  const storage = globalThis.navigator?.storage as StorageManager | undefined;
  if (typeof storage?.persist !== 'function') return 'unknown';
  try {
    return (await storage.persist()) ? 'kept' : 'not-promised';
  } catch {
    return 'unknown';
  }
}

let asked: Promise<Persistence> | undefined;

/** The browser's answer; it is asked once each time the app is opened, since some browsers ask the person then. */
export const usePersistence = (): Persistence | undefined =>
  useQuery({ queryKey: ['persistence'], queryFn: () => (asked ??= ask()) }).data;
