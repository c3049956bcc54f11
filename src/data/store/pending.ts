import { isPatch, isRecord, type Change, type Content, type Patch } from './changes';
import type { Vector } from './vector';
import {
  deletedText,
  isReplaced,
  isThere,
  sameVersion,
  versionOf,
  type Replaced,
  type StoredRecord,
  type StoredText,
} from './versions';

/** What shall become of one key and is not written yet: a write, patches, or a write and patches to it. */
export interface Pending {
  readonly key: string;
  readonly write?: {
    readonly record: Content;
    /** Any of these may be stored when it arrives: each is what this window itself was about to replace. */
    readonly over: readonly Replaced[];
    readonly gone?: Vector | undefined;
  };
  readonly patches: readonly Patch['patch'][];
}

/** What is written together or not at all, by key. */
export type Group = ReadonlyMap<string, Pending>;

/** What tells that content from any other. */
function replacedOf(content: Content): Replaced {
  if (!isRecord(content)) return content;
  const { revision, stamp } = content;
  return { revision, stamp };
}

const pendingOf = (change: Change): Pending =>
  isPatch(change)
    ? { key: change.key, patches: [change.patch] }
    : {
        key: change.key,
        write: {
          record: change.record,
          over: [replacedOf(change.replaces)],
          gone: change.gone,
        },
        patches: [],
      };

/** A later change of a key, over one that is not written yet. */
function after(before: Pending | undefined, next: Pending): Pending {
  if (before === undefined) return next;
  if (next.write === undefined) {
    return { ...before, patches: [...before.patches, ...next.patches] };
  }
  // Whether the one before has arrived is not known: it may be what is stored.
  const own = before.write;
  const over = [
    ...(own === undefined ? [] : [...own.over, replacedOf(own.record)]),
    ...next.write.over,
  ];
  return { ...next, write: { ...next.write, over } };
}

const put = (group: Map<string, Pending>, next: Pending): void =>
  void group.set(next.key, after(group.get(next.key), next));

export function groupOf(changes: readonly Change[]): Group {
  const group = new Map<string, Pending>();
  for (const change of changes) put(group, pendingOf(change));
  return group;
}

/** Puts a later group to those before it; with those that it shares a key with it becomes one. */
export function joined(groups: readonly Group[], next: Group): readonly Group[] {
  const shares = (group: Group): boolean => [...group.keys()].some((key) => next.has(key));
  const whole = new Map<string, Pending>();
  for (const group of [...groups.filter(shares), next]) {
    for (const pending of group.values()) put(whole, pending);
  }
  return [...groups.filter((group) => !shares(group)), whole];
}

/** Applies a patch to a stored text, as the kinds of record that take patches say; undefined where it cannot be read. */
export type ApplyPatch = (
  key: string,
  text: string | undefined,
  patch: object,
) => StoredRecord | undefined;

/** A content as it is stored. */
export const textOf = (record: Content): string =>
  record === null ? deletedText : isRecord(record) ? JSON.stringify(record) : record.text;

/** Whether a write has arrived already: its answer was lost, or somebody deleted the same. */
function isDone(record: Content, stored: StoredText): boolean {
  if (record === null) return !isThere(stored);
  // Without a stamp two windows can come to the same count with other contents.
  const isStamped = isRecord(record) && record.stamp !== undefined;
  return stored === textOf(record) || (isStamped && sameVersion(versionOf(stored), record));
}

/** What comes of a pending change over what is stored; undefined where somebody else was there first. */
export function resolved(
  { key, write, patches }: Pending,
  stored: StoredText,
  apply: ApplyPatch,
): Content | undefined {
  let content: Content = isThere(stored) ? { text: stored } : null;
  if (write !== undefined) {
    const { record, over } = write;
    if (isDone(record, stored)) content = isThere(stored) ? { text: stored } : null;
    else if (over.some((each) => isReplaced(each, stored))) content = record;
    else return undefined;
  }
  for (const patch of patches) {
    const text = content === null ? undefined : textOf(content);
    const patched = apply(key, text, patch);
    if (patched === undefined) return undefined;
    content = patched;
  }
  return content;
}

/** As `resolved`, as it is stored. */
export function resolvedText(
  pending: Pending,
  stored: StoredText,
  apply: ApplyPatch,
): string | undefined {
  const content = resolved(pending, stored, apply);
  return content === undefined ? undefined : textOf(content);
}
