import { ownPrefix } from './ownKeys';
import type { StoredText } from './versions';

/** Records of one kind that are listed without being read: of each a small entry is kept, written together with it. */
export interface Indexed {
  readonly prefix: string;
  /** Of the entry's own shape; others are made anew. */
  readonly version: number;
  /** What is kept of a stored record; undefined where that cannot be told without reading all of it. */
  readonly entryOf: (key: string, text: string) => object | undefined;
  /** Whether this is an entry of the record under that key. */
  readonly isEntry: (key: string, value: unknown) => value is object;
}

/** An index is derived, and always made anew from the records. */
const indexPrefix = `${ownPrefix}index/`;

export const isIndexKey = (key: string): boolean => key.startsWith(indexPrefix);

/** Entries are kept in so many texts: a write rewrites one of them, a list reads them all. */
const shards = 64;

/** Spreads keys evenly: the 32-bit hash of Fowler, Noll and Vo, variant 1a. */
function shardOf(key: string): number {
  let hash = 0x811c9dc5;
  for (let at = 0; at < key.length; at += 1) {
    hash = Math.imul(hash ^ key.charCodeAt(at), 0x01000193);
  }
  return (hash >>> 0) % shards;
}

const shardKey = ({ prefix }: Indexed, shard: number): string => `${indexPrefix}${prefix}${shard}`;

/** The texts that hold the entries of these keys. */
export const shardKeysOf = (indexed: Indexed, keys: readonly string[]): readonly string[] => [
  ...new Set(
    keys
      .filter((key) => key.startsWith(indexed.prefix))
      .map((key) => shardKey(indexed, shardOf(key))),
  ),
];

/** The texts that hold all entries. */
export const allShardKeys = (indexed: Indexed): readonly string[] =>
  Array.from({ length: shards }, (_, shard) => shardKey(indexed, shard));

/** The entries in a text, by the key of their record. What is damaged or of another version is not there, and is made anew. */
export function entriesIn(indexed: Indexed, text: StoredText): Map<string, object> {
  const entries = new Map<string, object>();
  try {
    const value = JSON.parse(text ?? 'null') as { version?: unknown; entries?: unknown } | null;
    if (value?.version !== indexed.version || !Array.isArray(value.entries)) return entries;
    for (const each of value.entries as readonly unknown[]) {
      if (!Array.isArray(each)) continue;
      const [key, entry] = each as readonly unknown[];
      const isOwn = typeof key === 'string' && key.startsWith(indexed.prefix);
      if (isOwn && indexed.isEntry(key, entry)) entries.set(key, entry);
    }
  } catch {
    // Not JSON: there is nothing in it that the records do not say.
  }
  return entries;
}

/**
 * What the texts of the index become with what is written: a text for each that holds one of these keys.
 * @param stored the texts of the index as they are
 * @param written what stands under each key of a record then; undefined for nothing
 */
export function changedShards(
  indexed: Indexed,
  stored: Readonly<Record<string, StoredText>>,
  written: ReadonlyMap<string, string | undefined>,
): Record<string, string> {
  const changed = new Map<string, Map<string, object>>();
  for (const [key, text] of written) {
    if (!key.startsWith(indexed.prefix)) continue;
    const shard = shardKey(indexed, shardOf(key));
    const entries = changed.get(shard) ?? entriesIn(indexed, stored[shard]);
    changed.set(shard, entries);
    const entry = text === undefined ? undefined : indexed.entryOf(key, text);
    if (entry === undefined) entries.delete(key);
    else entries.set(key, entry);
  }
  return Object.fromEntries(
    [...changed].map(([shard, entries]) => [
      shard,
      JSON.stringify({ version: indexed.version, entries: [...entries] }),
    ]),
  );
}
