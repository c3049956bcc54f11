import { isPatch, isRecord, type Change, type Content, type Written } from './changes';
import type { Journal } from './journal';
import type { KeyValueStorage } from './keyValueStorage';
import {
  groupOf,
  joined,
  resolved,
  resolvedText,
  textOf,
  type ApplyPatch,
  type Group,
} from './pending';
import { afterWrite, deviceOf } from './device';
import { deviceKey, goneKey, isOwnKey, keyOfGone } from './ownKeys';
import { allShardKeys, changedShards, entriesIn, shardKeysOf } from './recordIndex';
import type { Indexed } from './recordIndex';
import { StaleWriteError } from './staleWriteError';
import { vectorAfter, type Device, type Vector } from './vector';
import {
  deletedText,
  isThere,
  vectorOf,
  vectorOfGone,
  versionOf,
  type StoredRecord,
  type StoredText,
} from './versions';

/** Whether what is on screen is also on the device. */
export type SaveState =
  | { readonly state: 'saved' }
  | { readonly state: 'saving' }
  | { readonly state: 'failed'; readonly reason: string };

export interface RecordStore {
  /**
   * Raw records under a prefix, by key; what could not be written yet stands over what is stored.
   * Rejects where the storage cannot be read: that is never the same as an empty one.
   */
  read(prefix: string): Promise<ReadonlyMap<string, string>>;
  /** As `read`, of these keys; those under which nothing stands are left out. */
  contents(keys: readonly string[]): Promise<ReadonlyMap<string, string>>;
  /** The stored keys under a prefix, those of records that were deleted a moment ago perhaps among them. */
  keys(prefix: string): Promise<readonly string[]>;
  /** Keys of records that were deleted, each with what it had grown out of. */
  gone(): Promise<ReadonlyMap<string, Vector>>;
  /** Which device this is, and how often it has written. */
  device(): Promise<Device>;
  /**
   * All records of an indexed kind without reading them. Entries that are missing are made on the way.
   * Rejects where the storage cannot be read.
   */
  list(indexed: Indexed): Promise<Listed>;
  /** Makes the entries of these records anew: one of them does not say what its record says. */
  reindex(indexed: Indexed, keys: readonly string[]): Promise<void>;
  /**
   * Writes all changes in one transaction and gives what they came to.
   * What a device refuses is kept in memory, told through `saveState` and written again by itself; what a patch comes to is not
   * known then and not given.
   * Rejects with StaleWriteError where something else is stored than what a change replaces; nothing is written then.
   */
  commit(changes: readonly Change[]): Promise<readonly Written[]>;
  saveState(): SaveState;
  onSaveState(listener: () => void): () => void;
  /** Calls back with the keys that another window has written, or that this one has written late. */
  onForeignChange(listener: (keys: readonly string[]) => void): () => void;
  /**
   * Asks, when the page is about to be closed, for changes that are not committed yet.
   * @returns what ends the asking
   */
  onLeaving(collect: () => readonly Change[]): () => void;
  /** The page may be closed at any moment: writes what is on its way where it survives that. False where it cannot. */
  flush(): boolean;
}

/** The records of one kind, as they are listed. */
export interface Listed {
  readonly entries: ReadonlyMap<string, object>;
  /** Records of which no entry can be made, whole: they must be read. */
  readonly others: ReadonlyMap<string, string>;
}

export interface Surroundings {
  /** Each of its answers ends; see `answering`. */
  readonly storage: KeyValueStorage;
  /** Runs one writer at a time over all windows. */
  readonly exclusively: <T>(work: () => Promise<T>) => Promise<T>;
  readonly channel: {
    post(keys: readonly string[]): void;
    listen(listener: (keys: readonly string[]) => void): () => void;
  };
  readonly journal: Journal;
  /** Kinds of record that are listed without being read. */
  readonly indexes: readonly Indexed[];
  readonly applyPatch: ApplyPatch;
  /** What becomes of a refused change that somebody else has overtaken meanwhile: it is kept beside theirs. */
  readonly setBeside: (overtaken: Group) => readonly Change[];
  /** Waits after which a device that refused is asked again, ms; the last one repeats. */
  readonly retryAfterMs?: readonly number[];
}

const usualRetriesMs = [2_000, 5_000, 15_000, 30_000];
/** So many records are asked for at once: a storage with thousands still answers each question in time. */
const portion = 200;

function* portions<T>(all: readonly T[]): Generator<T[]> {
  for (let from = 0; from < all.length; from += portion) yield all.slice(from, from + portion);
}

/** One store over one storage: all repositories write through it. */
export function createRecordStore(surroundings: Surroundings): RecordStore {
  const { storage, exclusively, channel, journal, indexes, applyPatch, setBeside } = surroundings;
  const retryAfterMs = surroundings.retryAfterMs ?? usualRetriesMs;
  /** What the device has refused so far. */
  let refused: readonly Group[] = [];
  /** What it has been asked for and has not answered. */
  const underway = new Set<Group>();
  const collectors = new Set<() => readonly Change[]>();
  const listeners = new Set<() => void>();
  const foreignListeners = new Set<(keys: readonly string[]) => void>();
  let saveState: SaveState = { state: 'saved' };
  let retry: { readonly timer: ReturnType<typeof setTimeout> } | undefined;
  let retries = 0;
  let hasJournal = false;
  let lastReason = '';
  let recovered: Promise<void> | undefined;
  let asking: Promise<string[]> | undefined;

  function setSaveState(next: SaveState): void {
    saveState = next;
    for (const listener of listeners) listener();
  }

  /** Writes a group whole. @throws StaleWriteError */
  async function write(group: Group): Promise<readonly Written[]> {
    const keys = [...group.keys()];
    const shards = indexes.flatMap((indexed) => shardKeysOf(indexed, keys));
    const gone = keys.map(goneKey);
    const stored = await storage.getMany([...keys, ...gone, ...shards, deviceKey]);
    const contents = new Map<string, Content>();
    for (const [key, pending] of group) {
      const content = resolved(pending, stored[key], applyPatch);
      if (content === undefined) throw new StaleWriteError(key, versionOf(stored[key]));
      contents.set(key, content);
    }
    const { texts, beside } = stamped(contents, stored, group);
    const written = new Map(Object.entries(texts));
    const index = indexes.map((indexed) => changedShards(indexed, stored, written));
    await storage.setMany(Object.assign({}, texts, beside, ...index) as Record<string, string>);
    channel.post(keys);
    return Object.entries(texts).map(([key, text]) => ({ key, record: writtenOf(text) }));
  }

  /** Writes what was refused, group by group; what was overtaken is kept beside what is there. */
  async function writeRefused(): Promise<void> {
    for (const group of refused) {
      let changed = group;
      try {
        await write(group);
      } catch (error) {
        if (!(error instanceof StaleWriteError)) throw error;
        changed = groupOf(setBeside(group));
        if (changed.size > 0) await write(changed);
      }
      refused = refused.filter((each) => each !== group);
      const keys = [...group.keys(), ...changed.keys()];
      for (const listener of foreignListeners) listener(keys);
    }
  }

  function clearJournal(): void {
    if (hasJournal) journal.clear();
    hasJournal = false;
  }

  /** Tells how it stands once a write is through. */
  function settled(): void {
    if (refused.length > 0) return setSaveState({ state: 'failed', reason: lastReason });
    retries = 0;
    setSaveState({ state: underway.size === 0 ? 'saved' : 'saving' });
    if (underway.size === 0 && [...collectors].every((each) => each().length === 0)) clearJournal();
  }

  function failed(error: unknown): void {
    lastReason = String(error);
    setSaveState({ state: 'failed', reason: lastReason });
    if (retry !== undefined) return;
    const wait = retryAfterMs[Math.min(retries, retryAfterMs.length - 1)] ?? 0;
    retries += 1;
    retry = { timer: setTimeout(() => void writeAgain(), wait) };
  }

  async function writeAgain(): Promise<void> {
    clearTimeout(retry?.timer);
    retry = undefined;
    try {
      await exclusively(writeRefused);
      settled();
    } catch (error) {
      failed(error);
    }
  }

  /** What pages that were closed in the middle of a write have left. */
  const recover = (): Promise<void> =>
    journal.recover(async (groups) => {
      // Windows that were closed know nothing of each other: each has its own groups.
      refused = [...refused, ...groups];
      await exclusively(writeRefused);
    });

  async function settle(): Promise<void> {
    recovered ??= recover().catch(failed);
    await recovered;
  }

  /** Puts what is not written yet over what was read. */
  function lay(found: Map<string, string>, isAsked: (key: string) => boolean): void {
    for (const group of [...refused, ...underway]) {
      for (const [key, pending] of group) {
        if (!isAsked(key)) continue;
        const text = resolvedText(pending, found.get(key), applyPatch);
        if (text === deletedText) found.delete(key);
        else if (text !== undefined) found.set(key, text);
      }
    }
  }

  /** What stands under these keys in the storage; what was deleted there is swept. */
  async function stored(keys: readonly string[]): Promise<Map<string, string>> {
    const found = new Map<string, string>();
    const gone: string[] = [];
    for (const some of portions(keys)) {
      const texts = await storage.getMany(some);
      for (const key of some) {
        const text = texts[key];
        if (text === deletedText) gone.push(key);
        else if (isThere(text)) found.set(key, text);
      }
    }
    if (gone.length > 0) void sweep(gone);
    return found;
  }

  /** Reads that begin at the same moment, as at a start, ask once: of thousands of keys each answer takes its time. */
  function allKeys(): Promise<string[]> {
    asking ??= Promise.resolve().then(() => {
      asking = undefined;
      return storage.getAllKeys();
    });
    return asking;
  }

  const keysUnder = async (prefix: string): Promise<string[]> =>
    (await allKeys()).filter((key) => key.startsWith(prefix) && !isOwnKey(key));

  async function reindex(indexed: Indexed, keys: readonly string[]): Promise<void> {
    for (const some of portions(keys)) {
      await exclusively(async () => {
        const texts = await storage.getMany([...some, ...shardKeysOf(indexed, some)]);
        const written = new Map<string, string | undefined>();
        for (const key of some) {
          const text = texts[key];
          written.set(key, isThere(text) ? text : undefined);
        }
        await storage.setMany(changedShards(indexed, texts, written));
      });
    }
  }

  return {
    async read(prefix) {
      await settle();
      const found = await stored(await keysUnder(prefix));
      lay(found, (key) => key.startsWith(prefix));
      return found;
    },

    async contents(keys) {
      await settle();
      const found = await stored(keys);
      const asked = new Set(keys);
      lay(found, (key) => asked.has(key));
      return found;
    },

    async keys(prefix) {
      await settle();
      return keysUnder(prefix);
    },

    async gone() {
      await settle();
      const found = new Map<string, Vector>();
      const keys = (await allKeys()).filter((key) => keyOfGone(key) !== undefined);
      for (const some of portions(keys)) {
        for (const [key, text] of Object.entries(await storage.getMany(some))) {
          const vector = vectorOfGone(text);
          if (vector !== undefined) found.set(keyOfGone(key)!, vector);
        }
      }
      return found;
    },

    async device() {
      await settle();
      return deviceOf((await storage.getMany([deviceKey]))[deviceKey]);
    },

    async list(indexed) {
      await settle();
      const { prefix, entryOf } = indexed;
      const keys = new Set(await keysUnder(prefix));
      const shards = await storage.getMany([...allShardKeys(indexed)]);
      const entries = new Map<string, object>();
      const others = new Map<string, string>();
      const wrong: string[] = [];
      for (const text of Object.values(shards)) {
        for (const [key, entry] of entriesIn(indexed, text)) {
          if (keys.has(key)) entries.set(key, entry);
          else wrong.push(key);
        }
      }
      const put = (key: string, text: string): object | undefined => {
        const entry = entryOf(key, text);
        if (entry === undefined) others.set(key, text);
        else entries.set(key, entry);
        return entry;
      };
      const missing = [...keys].filter((key) => !entries.has(key));
      for (const some of portions(missing)) {
        for (const [key, text] of await stored(some)) if (put(key, text)) wrong.push(key);
      }
      if (wrong.length > 0) void reindex(indexed, wrong).catch(() => undefined);
      const changed = [...refused, ...underway]
        .flatMap((group) => [...group.keys()])
        .filter((key) => key.startsWith(prefix));
      const now = await stored(changed);
      lay(now, (key) => changed.includes(key));
      for (const key of changed) {
        entries.delete(key);
        others.delete(key);
        const text = now.get(key);
        if (text !== undefined) put(key, text);
      }
      return { entries, others };
    },

    reindex,

    async commit(changes) {
      const group = groupOf(changes);
      setSaveState({ state: 'saving' });
      // A change of what was refused goes with it.
      const whole = joined(refused, group).at(-1) ?? group;
      underway.add(whole);
      try {
        const written = await exclusively(async () => {
          const done = await write(whole);
          refused = refused.filter((each) => ![...each.keys()].some((key) => whole.has(key)));
          await writeRefused().catch(failed);
          return done;
        });
        underway.delete(whole);
        settled();
        return written.filter(({ key }) => group.has(key));
      } catch (error) {
        underway.delete(whole);
        if (error instanceof StaleWriteError) {
          settled();
          throw error;
        }
        refused = joined(refused, group);
        failed(error);
        return changes.flatMap((change) => (isPatch(change) ? [] : [change]));
      }
    },

    saveState: () => saveState,
    onSaveState(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    onForeignChange(listener) {
      foreignListeners.add(listener);
      const deafen = channel.listen(listener);
      return () => {
        foreignListeners.delete(listener);
        deafen();
      };
    },
    onLeaving(collect) {
      collectors.add(collect);
      return () => collectors.delete(collect);
    },
    flush() {
      let groups: readonly Group[] = refused;
      for (const group of underway) groups = joined(groups, group);
      for (const collect of collectors) {
        const changes = collect();
        if (changes.length > 0) groups = joined(groups, groupOf(changes));
      }
      if (groups.length === 0) {
        clearJournal();
        return true;
      }
      hasJournal = true;
      return journal.write(groups);
    },
  };

  /** Takes away what was deleted. It can wait, and nothing depends on it. */
  async function sweep(keys: string[]): Promise<void> {
    const work = async (): Promise<void> => {
      const still = await storage.getMany(keys);
      await storage.removeMany(keys.filter((key) => still[key] === deletedText));
    };
    await exclusively(work).catch(() => undefined);
  }
}

/**
 * What is written, each record with what it has grown out of; and what the store keeps beside it: who wrote, and what was deleted.
 * A text that is put there as it is, as one out of a file, stays so.
 */
function stamped(
  contents: ReadonlyMap<string, Content>,
  stored: Readonly<Record<string, StoredText>>,
  group: Group,
): { readonly texts: Record<string, string>; readonly beside: Record<string, string> } {
  const before = new Map(
    [...contents.keys()].map((key) => [
      key,
      vectorOf(stored[key]) ?? vectorOfGone(stored[goneKey(key)]),
    ]),
  );
  const device = afterWrite(deviceOf(stored[deviceKey]), [...before.values()]);
  const texts: Record<string, string> = {};
  const beside: Record<string, string> = { [deviceKey]: JSON.stringify(device) };
  for (const [key, content] of contents) {
    if (isRecord(content)) {
      const vector = vectorAfter(content.vector, before.get(key), device);
      texts[key] = textOf({ ...content, vector });
    } else texts[key] = textOf(content);
    const wasGone = isThere(stored[goneKey(key)]);
    if (content === null) {
      // What never was there, or was deleted before, need not be remembered once more.
      if (isThere(stored[key])) {
        beside[goneKey(key)] = JSON.stringify(
          vectorAfter(group.get(key)?.write?.gone, before.get(key), device),
        );
      }
    } else if (wasGone) beside[goneKey(key)] = deletedText;
  }
  return { texts, beside };
}

const writtenOf = (text: string): Written['record'] => {
  if (text === deletedText) return null;
  const version = versionOf(text);
  return version === undefined ? { text } : (JSON.parse(text) as StoredRecord);
};
