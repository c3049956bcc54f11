import { journalText, readJournal, type Journal } from './journal';

const prefix = 'nipperkin-closing/';
const lockOf = (page: string): string => `nipperkin-page/${page}`;
/** A page that is just being closed is given this long to be gone, ms. */
const closingMs = 1_000;

/** Holds a lock for as long as the page lives; what it wrote is left alone until then. */
function holdFor(page: string): void {
  void navigator.locks.request(lockOf(page), () => new Promise<never>(() => undefined));
}

/** Runs `work` once the page is closed; not at all where it lives on. */
async function onceClosed(page: string, work: () => Promise<void>): Promise<void> {
  if (!('locks' in navigator)) return work();
  try {
    await navigator.locks.request(lockOf(page), { signal: AbortSignal.timeout(closingMs) }, work);
  } catch (error) {
    const isAlive = error instanceof DOMException && error.name === 'TimeoutError';
    if (!isAlive) throw error;
  }
}

/**
 * The journal of this page, in the one storage of a browser that is written before a page is gone.
 * @param page tells this load of the page from all others
 */
export function pageJournal(storage: Storage, page: string): Journal {
  if ('locks' in navigator) holdFor(page);
  return {
    write(groups) {
      try {
        storage.setItem(prefix + page, journalText(groups));
        return true;
      } catch {
        // Full, or not allowed.
        return false;
      }
    },
    clear: () => storage.removeItem(prefix + page),
    async recover(settle) {
      const keys = Object.keys(storage).filter((key) => key.startsWith(prefix));
      for (const key of keys) {
        const other = key.slice(prefix.length);
        if (other === page) continue;
        await onceClosed(other, async () => {
          const text = storage.getItem(key);
          if (text !== null) await settle(readJournal(text));
          storage.removeItem(key);
        });
      }
    },
  };
}
