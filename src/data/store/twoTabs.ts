import { noJournal } from './journal';
import { memoryStorage } from './keyValueStorage';
import { ofKinds } from './ofKinds';
import { createRecordStore } from './recordStore';

/** Two tabs over one device, as two windows of one browser are; for tests. The device can be told to refuse, as a full one does. */
export function twoTabs(retryAfterMs: readonly number[] = [5]) {
  const kept = new Map<string, string>();
  const inMemory = memoryStorage(kept);
  const device = {
    refuses: false,
    losesAnswers: false,
    cannotRead: false,
    transactions: 0,
    keysAsked: 0,
  };
  const listeners = new Set<(keys: readonly string[]) => void>();
  let queue: Promise<unknown> = Promise.resolve();
  const tab = () => {
    const mine = new Set<(keys: readonly string[]) => void>();
    return createRecordStore({
      storage: {
        ...inMemory,
        async getAllKeys() {
          device.keysAsked += 1;
          if (device.cannotRead) throw new Error('cannot be read');
          return inMemory.getAllKeys();
        },
        async getMany(keys) {
          if (device.cannotRead) throw new Error('cannot be read');
          return inMemory.getMany(keys);
        },
        async setMany(entries) {
          if (device.refuses) throw new Error('QuotaExceededError');
          device.transactions += 1;
          await inMemory.setMany(entries);
          if (device.losesAnswers) throw new Error('no answer');
        },
      },
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
          return () => {
            mine.delete(listener);
            listeners.delete(listener);
          };
        },
      },
      journal: noJournal,
      ...ofKinds,
      retryAfterMs,
    });
  };
  return { first: tab(), second: tab(), device, kept };
}
