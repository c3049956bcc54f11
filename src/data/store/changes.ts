import type { Vector } from './vector';
import { versionOf, type StoredRecord } from './versions';

/** What stands under a key: a record, a text that is no record of this version, or nothing. */
export type Content = StoredRecord | { readonly text: string } | null;

/** What stands under a key, put in place of what is there now. */
export interface Write {
  readonly key: string;
  readonly record: Content;
  /** What is there now: anything else in the store refuses the change. */
  readonly replaces: Content;
  /** What a deletion has grown out of, where it was made elsewhere. */
  readonly gone?: Vector | undefined;
}

/** Some keys of a record changed, whatever the others are: it is applied to what is stored then, so it never conflicts. */
export interface Patch {
  readonly key: string;
  readonly patch: object;
}

export type Change = Write | Patch;

export const isPatch = (change: Change): change is Patch => 'patch' in change;

/** What a change came to; the record of a patch is known only then. */
export interface Written {
  readonly key: string;
  readonly record: Content;
}

export const isRecord = (content: Content): content is StoredRecord =>
  content !== null && 'id' in content;

/** A stored text as what the store takes: a record, or a text that is none. */
export function contentOf(key: string, text: string): Exclude<Content, null> {
  const version = versionOf(text);
  if (version === undefined) return { text };
  const record = JSON.parse(text) as StoredRecord;
  // Anything else would be written under another key than it says.
  return key.endsWith(`/${record.id}`) && JSON.stringify(record) === text ? record : { text };
}
