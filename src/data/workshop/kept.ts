import type { Vector } from '../store/vector';

/** Everything that one browser keeps, or one file holds. */
export interface Kept {
  /** Records as they are stored, by key; those included that this version cannot read. */
  readonly records: ReadonlyMap<string, string>;
  /** Keys of records that were deleted, each with what it had grown out of. */
  readonly gone: ReadonlyMap<string, Vector>;
}
