import { NoAnswerError, within } from './deadline';
import type { RecordStore } from './recordStore';

/** A person waits this long for their own data before they are told that it does not come, ms. */
export const openingMs = 4_000;
const betweenTriesMs = 300;

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** Why the storage of this browser cannot be used just now. */
export type NotOpened = 'no-answer' | 'refused';

/** Reads a storage for the first time, trying again while there is time; undefined once it can be read. */
export async function openStore(store: RecordStore): Promise<NotOpened | undefined> {
  let isOver = false;
  const tries = async (): Promise<void> => {
    for (;;) {
      try {
        await store.read('settings/');
        return;
      } catch (error) {
        if (isOver) throw error;
        lastRefusal = error;
        await pause(betweenTriesMs);
      }
    }
  };
  let lastRefusal: unknown;
  try {
    await within(openingMs, tries());
    return undefined;
  } catch (error) {
    isOver = true;
    return error instanceof NoAnswerError && lastRefusal === undefined ? 'no-answer' : 'refused';
  }
}
