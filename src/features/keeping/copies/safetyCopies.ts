import { copyStorage } from '../../../data/copies/browserCopies';
import type { CopyInfo, CopyReason } from '../../../data/copies/copyInfo';
import { createCopyStore } from '../../../data/copies/copyStore';
import { isCopyDue } from '../../../data/copies/rolling';
import type { RecordStore } from '../../../data/store/recordStore';
import { keptIn } from '../../../data/workshop/keptIn';
import { packWorkshop } from '../../../workers/workshopThread';

/** The safety copies of this browser. */
export const safetyCopies = createCopyStore(copyStorage, packWorkshop);

const mostBytes = 250e6;
/** Of what the browser gives, copies take no more than this share. */
const mostOfQuota = 0.1;

async function room(): Promise<number> {
  const storage = navigator.storage as StorageManager | undefined;
  const { quota } = (await storage?.estimate().catch(() => undefined)) ?? {};
  return quota === undefined ? mostBytes : Math.min(mostBytes, quota * mostOfQuota);
}

async function makeHere(store: RecordStore, why: CopyReason): Promise<CopyInfo> {
  const { writes } = await store.device();
  const kept = await keptIn(store);
  return safetyCopies.make({ kept, why, writes, now: Date.now(), mostBytes: await room() });
}

/** Copies are made one at a time over all windows: each makes a new list of them, and of two at once one would be forgotten. */
const lock = 'nipperkin-copy';

/** Makes a copy of everything as it is now. Rejects where the device has no room for it. */
export async function makeCopy(store: RecordStore, why: CopyReason): Promise<CopyInfo> {
  if (!('locks' in navigator)) return makeHere(store, why);
  return navigator.locks.request(lock, () => makeHere(store, why));
}

/** Makes a copy where one is due, in one window of all that are open. */
export async function makeDueCopy(store: RecordStore): Promise<CopyInfo | undefined> {
  const work = async (): Promise<CopyInfo | undefined> => {
    const { writes } = await store.device();
    const isDue = isCopyDue(await safetyCopies.list(), writes, Date.now());
    return isDue ? makeHere(store, 'by-itself') : undefined;
  };
  if (!('locks' in navigator)) return work();
  return navigator.locks.request(lock, { ifAvailable: true }, (held) =>
    held === null ? undefined : work(),
  );
}
