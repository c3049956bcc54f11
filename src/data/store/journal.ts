import type { Group, Pending } from './pending';

/**
 * Where a page that is being closed writes, in the moment that it has, what the storage has not answered for yet. AsyncStorage
 * cannot do that: its writes end after the page has.
 */
export interface Journal {
  /** Puts these in place of what this page wrote before; false where there is no room. */
  write(groups: readonly Group[]): boolean;
  clear(): void;
  /**
   * Gives what pages left that are closed by now; each is dropped once `settle` has resolved.
   */
  recover(settle: (groups: readonly Group[]) => Promise<void>): Promise<void>;
}

/** No page is closed in the middle of a write here. */
export const noJournal: Journal = {
  write: () => false,
  clear: () => undefined,
  recover: async () => undefined,
};

export const journalText = (groups: readonly Group[]): string =>
  JSON.stringify(groups.map((group) => [...group.values()]));

/** What a journal holds; one that cannot be read holds nothing. */
export function readJournal(text: string): readonly Group[] {
  try {
    return (JSON.parse(text) as readonly (readonly Pending[])[]).map(
      (group) => new Map(group.map((pending) => [pending.key, pending])),
    );
  } catch {
    return [];
  }
}
