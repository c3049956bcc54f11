import type { Shelf } from './planTypes';

const made = new WeakMap<Shelf, Shelf>();

/**
 * A shelf without the photos of its moulds, for what plans and draws nothing: a thread is posted all of it, and twenty photos
 * are four megabytes. Made once for a shelf.
 */
export function withoutPhotos(shelf: Shelf): Shelf {
  const before = made.get(shelf);
  if (before !== undefined) return before;
  const bare = { ...shelf, moulds: shelf.moulds.map(({ photo: _, ...mould }) => mould) };
  made.set(shelf, bare);
  return bare;
}
