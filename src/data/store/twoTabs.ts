import { createRecordStore, type KeyValueStorage } from './recordStore';

/** A device's storage in memory; it can be told to refuse, as a full or private one does. */
function deviceStorage() {
  const kept = new Map<string, string>();
  const device = { refuses: false, transactions: 0 };
  const ask = (): void => {
    if (device.refuses) throw new Error('QuotaExceededError');
  };
  const storage: KeyValueStorage = {
    getAllKeys: async () => [...kept.keys()],
    getMany: async (keys) => Object.fromEntries(keys.map((key) => [key, kept.get(key) ?? null])),
    setMany: async (entries) => {
      ask();
      device.transactions += 1;
      for (const [key, text] of Object.entries(entries)) kept.set(key, text);
    },
    removeMany: async (keys) => keys.forEach((key) => kept.delete(key)),
  };
  return { storage, device, kept };
}

/** Two tabs over one device, as two windows of one browser are; for tests. */
export function twoTabs() {
  const { storage, device, kept } = deviceStorage();
  const listeners = new Set<(keys: readonly string[]) => void>();
  let queue: Promise<unknown> = Promise.resolve();
  const tab = () => {
    const mine = new Set<(keys: readonly string[]) => void>();
    return createRecordStore({
      storage,
      exclusively: (work) => {
        const next = queue.then(work, work);
        queue = next.catch(() => undefined);
        return next;
      },
      channel: {
        post: (keys) => listeners.forEach((listener) => !mine.has(listener) && listener(keys)),
        listen: (listener) => {
          mine.add(listener);
          listeners.add(listener);
          return () => listeners.delete(listener);
        },
      },
    });
  };
  return { first: tab(), second: tab(), device, kept };
}
