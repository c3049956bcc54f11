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

  const stateOfKept = (): SaveState =>
    kept.size === 0
      ? { state: 'saved' }
      : { state: 'failed', reason: 'changed in another window meanwhile' };

  /** Revisions that are stored now for those changes that are based on one, where they differ. */
  async function staleKeys(changes: readonly Change[]): Promise<Map<string, number | undefined>> {
    const based = changes.filter(({ basedOn }) => basedOn !== undefined);
    if (based.length === 0) return new Map();
    const stored = await storage.getMany(based.map(({ key }) => key));
    return new Map(
      based
        .map(({ key, basedOn }) => ({ key, basedOn, now: revisionOf(stored[key]) }))
        .filter(({ basedOn, now }) => now !== basedOn)
        .map(({ key, now }) => [key, now]),
    );
  }

  /** Writes the new changes, and with them those refused before, unless another tab has been there since. */
  async function write(changes: readonly Change[], refused: readonly Change[]): Promise<void> {
    const stale = await staleKeys([...changes, ...refused]);
    for (const { key } of changes) {
      if (stale.has(key)) throw new StaleWriteError(key, stale.get(key));
    }
    const writable = [...refused.filter(({ key }) => !stale.has(key)), ...changes];
    await storage.setMany(
      Object.fromEntries(
        writable.map(({ key, record }) => [
          key,
          record === null ? deleted : JSON.stringify(record),
        ]),
      ),
    );
    for (const { key } of writable) kept.delete(key);
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
      const refused = [...kept.values()].filter(({ key }) => !renewed.has(key));
      // A change over one that was refused is still based on what that one was based on.
      const onStored = changes.map((change) => {
        const before = kept.get(change.key);
        return before === undefined || change.basedOn === undefined
          ? change
          : { ...change, basedOn: before.basedOn };
      });
      setSaveState({ state: 'saving' });
      try {
        await exclusively(() => write(onStored, refused));
      } catch (error) {
        if (error instanceof StaleWriteError) {
          setSaveState(stateOfKept());
          throw error;
        }
        for (const change of onStored) kept.set(change.key, change);
        setSaveState({ state: 'failed', reason: String(error) });
        return;
      }
      setSaveState(stateOfKept());
      channel.post([...renewed, ...refused.map(({ key }) => key)]);
    },

    saveState: () => saveState,
    onSaveState(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    onForeignChange: (listener) => channel.listen(listener),
  };
}
