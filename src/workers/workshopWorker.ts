import type { Held } from '../data/workshop/heldAgainst';
import type { Kept } from '../data/workshop/kept';
import type { Told } from './told';

/** Files of everything, over the thread's border: thousands of records take seconds to pack and to read. */
export interface WorkshopWorker {
  readonly pack: (kept: Kept, madeAt: string) => Promise<Uint8Array<ArrayBuffer>>;
  /** What a file holds. */
  readonly unpack: (file: Blob) => Promise<Told<Kept>>;
  /** Holds a file against what is kept here; `beside` are records that belong to it and stand elsewhere. */
  readonly open: (
    file: Blob,
    here: Kept,
    beside: ReadonlyMap<string, string>,
  ) => Promise<Told<Held>>;
}
