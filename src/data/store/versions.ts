import { readVector, type Vector } from './vector';

/** Which state of a record it is: two states of one record never share both count and stamp. */
export interface Version {
  /** Rises by one with each write. */
  readonly revision: number;
  /** Drawn by chance for each write; records of earlier times have none. */
  readonly stamp?: string | undefined;
}

/** A state, and what it has grown out of. */
export interface GrownVersion extends Version {
  /** The store puts it there as it writes; records of earlier times have none. */
  readonly vector?: Vector | undefined;
}

/** What every stored record carries. */
export interface StoredRecord extends GrownVersion {
  readonly id: string;
  /** Version of the record's own shape, for migrations. */
  readonly schema: number;
}

/** What a change replaces: a state of the record, a text that is no record, or nothing at all. */
export type Replaced = Version | { readonly text: string } | null;

/**
 * A deleted record is written as an empty text, so that deleting and writing share one transaction;
 * the empty ones are swept when records are read.
 */
export const deletedText = '';

/** What the storage holds under a key, deleted ones as nothing. */
export type StoredText = string | null | undefined;

export const isThere = (text: StoredText): text is string =>
  text !== null && text !== undefined && text !== deletedText;

/** The state that a stored text is of; undefined where it is no record. */
export function versionOf(text: StoredText): GrownVersion | undefined {
  if (!isThere(text)) return undefined;
  try {
    const value: unknown = JSON.parse(text);
    if (typeof value !== 'object' || value === null) return undefined;
    const { revision, stamp, vector } = value as Partial<Record<keyof GrownVersion, unknown>>;
    if (typeof revision !== 'number') return undefined;
    return {
      revision,
      ...(typeof stamp === 'string' ? { stamp } : {}),
      vector: readVector(vector),
    };
  } catch {
    return undefined;
  }
}

/**
 * What a stored text has grown out of; undefined where it is no record. Records of earlier times say only which state they are:
 * that counts as a device of its own that wrote once, so that what grows out of it is known to, and nothing else is.
 */
export function vectorOf(text: StoredText): Vector | undefined {
  const version = versionOf(text);
  if (version === undefined) return undefined;
  return version.vector ?? { [`*${version.revision}/${version.stamp ?? ''}`]: 1 };
}

/** What a deleted record has grown out of, as that is kept; undefined where nothing was deleted. */
export function vectorOfGone(text: StoredText): Vector | undefined {
  if (!isThere(text)) return undefined;
  try {
    return readVector(JSON.parse(text));
  } catch {
    return undefined;
  }
}

export const sameVersion = (a: Version | undefined, b: Version | undefined): boolean =>
  a !== undefined && b !== undefined && a.revision === b.revision && a.stamp === b.stamp;

/** Whether what is stored is what a change replaces. */
export function isReplaced(replaces: Replaced, stored: StoredText): boolean {
  if (replaces === null) return !isThere(stored);
  if ('text' in replaces) return stored === replaces.text;
  return sameVersion(replaces, versionOf(stored));
}

/** The id in a key. */
export const idOfKey = (key: string): string => key.slice(key.indexOf('/') + 1);
