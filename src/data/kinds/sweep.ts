import type { RecordStore } from '../store/recordStore';
import { kinds, photos } from './kinds';

/** A photo that is younger may belong to a job that another window has not saved yet, ms. */
const youngMs = 24 * 60 * 60 * 1000;

/**
 * Takes away photos that nothing refers to: of jobs that were deleted, and those that were replaced. While a record cannot be
 * read it may refer to any of them, and all stay.
 * @returns how many went
 */
export async function sweepPhotos(store: RecordStore, now = Date.now()): Promise<number> {
  const needed = new Set<string>();
  for (const { collection, refersTo } of kinds) {
    const { records, unreadable } = await collection.read(store);
    if (unreadable.length > 0) return 0;
    // Each record is of its own kind; the type of them together cannot say so.
    for (const record of records) for (const key of refersTo(record as never)) needed.add(key);
  }
  const { records } = await photos.collection.read(store);
  const unused = records.filter(
    ({ id, addedAt }) =>
      !needed.has(photos.collection.key(id)) &&
      (addedAt === undefined || now - Date.parse(addedAt) > youngMs),
  );
  if (unused.length > 0) await store.commit(unused.map(photos.collection.removal));
  return unused.length;
}
