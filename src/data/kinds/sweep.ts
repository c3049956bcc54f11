import type { PhotoRecord } from '../records/photoRecord';
import type { RecordStore } from '../store/recordStore';
import { kinds, photos } from './kinds';

/** A photo that is younger may belong to a job that another window has not saved yet, ms. */
const youngMs = 24 * 60 * 60 * 1000;

/** Those of these photos that no record names, wherever: asked before anything is deleted for good. */
async function unnamed(
  store: RecordStore,
  old: readonly PhotoRecord[],
): Promise<readonly PhotoRecord[]> {
  let left = old;
  for (const { collection, queryKey } of kinds) {
    if (left.length === 0 || queryKey === photos.queryKey) continue;
    for (const text of (await store.read(collection.prefix)).values()) {
      left = left.filter(({ id }) => !text.includes(id));
    }
  }
  return left;
}

/**
 * Takes away photos that nothing refers to: of jobs that were deleted, and those that were replaced. Records are read only where
 * there is one. While a record cannot be read it may refer to any of them, and all stay.
 * @returns how many went
 */
export async function sweepPhotos(store: RecordStore, now = Date.now()): Promise<number> {
  const { collection } = photos;
  const needed = new Set<string>();
  for (const { listing, refersTo, queryKey } of kinds) {
    if (queryKey === photos.queryKey) continue;
    const { records, unreadable } = await listing.read(store);
    if (unreadable.length > 0) return 0;
    // Each record is of its own kind; the type of them together cannot say so.
    for (const record of records) for (const key of refersTo(record as never)) needed.add(key);
  }
  const unneeded = (await store.keys(collection.prefix)).filter((key) => !needed.has(key));
  const { records } = collection.readAll(await store.contents(unneeded));
  const old = records.filter(
    ({ addedAt }) => addedAt === undefined || now - Date.parse(addedAt) > youngMs,
  );
  const unused = await unnamed(store, old);
  if (unused.length > 0) await store.commit(unused.map(collection.removal));
  return unused.length;
}
