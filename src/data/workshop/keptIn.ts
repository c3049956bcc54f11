import type { RecordStore } from '../store/recordStore';
import type { Kept } from './kept';

/** Everything that a store keeps. Rejects where it cannot be read. */
export const keptIn = async (store: RecordStore): Promise<Kept> => ({
  records: await store.read(''),
  gone: await store.gone(),
});
