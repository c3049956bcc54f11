import { within } from './deadline';

/** The part of AsyncStorage that the store needs; `setMany` writes all its keys or none. */
export interface KeyValueStorage {
  getAllKeys(): Promise<string[]>;
  getMany(keys: string[]): Promise<Record<string, string | null>>;
  setMany(entries: Record<string, string>): Promise<void>;
  removeMany(keys: string[]): Promise<void>;
}

/** A storage in which every question ends, if need be with a NoAnswerError. */
export const answering = (storage: KeyValueStorage, ms: number): KeyValueStorage => ({
  getAllKeys: () => within(ms, storage.getAllKeys()),
  getMany: (keys) => within(ms, storage.getMany(keys)),
  setMany: (entries) => within(ms, storage.setMany(entries)),
  removeMany: (keys) => within(ms, storage.removeMany(keys)),
});

/** A storage that lasts as long as the page. */
export function memoryStorage(kept = new Map<string, string>()): KeyValueStorage {
  return {
    getAllKeys: async () => [...kept.keys()],
    getMany: async (keys) => Object.fromEntries(keys.map((key) => [key, kept.get(key) ?? null])),
    setMany: async (entries) => {
      for (const [key, text] of Object.entries(entries)) kept.set(key, text);
    },
    removeMany: async (keys) => {
      for (const key of keys) kept.delete(key);
    },
  };
}
