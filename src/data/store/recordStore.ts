import { StaleWriteError } from './staleWriteError';

/** The part of AsyncStorage that the store needs; `setMany` writes all its keys or none. */
export interface KeyValueStorage {
  getAllKeys(): Promise<string[]>;
  getMany(keys: string[]): Promise<Record<string, string | null>>;
  setMany(entries: Record<string, string>): Promise<void>;
  removeMany(keys: string[]): Promise<void>;
}

/** What every stored record carries. */
export interface StoredRecord {
  readonly id: string;
  /** Version of the record's own shape, for migrations. */
  readonly schema: number;
  /** Rises by one with each write: a write that did not see the latest is refused. */
  readonly revision: number;
}

export interface Change {
  readonly key: string;
  /** The record as it shall be; null deletes it. */
  readonly record: StoredRecord | null;
  /** The revision this change was made on; leave out to write whatever is there. */
  readonly basedOn?: number;
}

/** Whether what is on screen is also on the device. */
export type SaveState =
  | { readonly state: 'saved' }
  | { readonly state: 'saving' }
  | { readonly state: 'failed'; readonly reason: string };

export interface RecordStore {
  /** Raw records under a prefix, by key; what could not be written yet stands over what is stored. */
  read(prefix: string): Promise<ReadonlyMap<string, string>>;
  /**
   * Writes all changes in one transaction.
   * A device that refuses keeps them in memory and says so through `saveState`.
   * @throws StaleWriteError where a record has been changed since `basedOn`
   */
  commit(changes: readonly Change[]): Promise<void>;
  saveState(): SaveState;
  onSaveState(listener: () => void): () => void;
  /** Calls back with the keys that another tab has written. */
  onForeignChange(listener: (keys: readonly string[]) => void): () => void;
}

interface Surroundings {
  readonly storage: KeyValueStorage;
  /** Runs one writer at a time over all tabs. */
  readonly exclusively: <T>(work: () => Promise<T>) => Promise<T>;
  readonly channel: {
    post(keys: readonly string[]): void;
    listen(listener: (keys: readonly string[]) => void): () => void;
  };
}

/**
 * A deleted record is written as an empty text, so that deleting and writing share one transaction;
 * the empty ones are swept when records are read.
 */
const deleted = '';

const revisionOf = (text: string | null | undefined): number | undefined =>
  text === null || text === undefined || text === deleted
    ? undefined
    : (JSON.parse(text) as StoredRecord).revision;

/** One store over one storage: all repositories write through it. */
export function createRecordStore({ storage, exclusively, channel }: Surroundings): RecordStore {
  /** Changes that the device has refused so far, by key; written again with the next commit. */
  const kept = new Map<string, Change>();
  const listeners = new Set<() => void>();
  let saveState: SaveState = { state: 'saved' };

  function setSaveState(next: SaveState): void {
    saveState = next;
    for (const listener of listeners) listener();
  }

  async function refuseStale(changes: readonly Change[]): Promise<void> {
    const based = changes.filter(({ basedOn }) => basedOn !== undefined);
    if (based.length === 0) return;
    const stored = await storage.getMany(based.map(({ key }) => key));
    for (const { key, basedOn } of based) {
      const now = revisionOf(stored[key]);
      if (now !== basedOn) throw new StaleWriteError(key, now);
    }
  }

  async function write(changes: readonly Change[]): Promise<void> {
    await refuseStale(changes);
    await storage.setMany(
      Object.fromEntries(
        changes.map(({ key, record }) => [key, record === null ? deleted : JSON.stringify(record)]),
      ),
    );
  }

  return {
    async read(prefix) {
      const found = new Map<string, string>();
      try {
        const keys = (await storage.getAllKeys()).filter((key) => key.startsWith(prefix));
        const stored = await storage.getMany(keys);
        const gone = keys.filter((key) => stored[key] === deleted);
        for (const key of keys) {
          const text = stored[key];
          if (text !== null && text !== undefined && text !== deleted) found.set(key, text);
        }
        if (gone.length > 0) {
          await exclusively(async () => {
            const still = await storage.getMany(gone);
            await storage.removeMany(gone.filter((key) => still[key] === deleted));
          });
        }
      } catch (error) {
        setSaveState({ state: 'failed', reason: String(error) });
      }
      for (const [key, { record }] of kept) {
        if (!key.startsWith(prefix)) continue;
        if (record === null) found.delete(key);
        else found.set(key, JSON.stringify(record));
      }
      return found;
    },

    async commit(changes) {
      const renewed = new Set(changes.map(({ key }) => key));
      const all = [
        ...[...kept.values()].filter(({ key }) => !renewed.has(key)),
        ...changes.map((change) => {
          const before = kept.get(change.key);
          return before === undefined ? change : { ...change, basedOn: before.basedOn };
        }),
      ];
      setSaveState({ state: 'saving' });
      try {
        await exclusively(() => write(all));
      } catch (error) {
        if (error instanceof StaleWriteError) {
          setSaveState({ state: 'saved' });
          throw error;
        }
        for (const change of all) kept.set(change.key, change);
        setSaveState({ state: 'failed', reason: String(error) });
        return;
      }
      kept.clear();
      setSaveState({ state: 'saved' });
      channel.post(all.map(({ key }) => key));
    },

    saveState: () => saveState,
    onSaveState(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    onForeignChange: (listener) => channel.listen(listener),
  };
}
