import type { OneRead } from '../collection';
import type { RecordStore } from '../store/recordStore';
import type { StoredRecord } from '../store/versions';
import type { Kind, ListedRecord } from './kind';

/** One record of a kind, as it is stored. */
export async function readOne<T extends StoredRecord, L extends ListedRecord>(
  store: RecordStore,
  { collection }: Kind<T, L>,
  id: string,
): Promise<OneRead<T>> {
  const key = collection.key(id);
  const text = (await store.contents([key])).get(key);
  return collection.one(key, text === undefined ? null : { text });
}
