import type { QueryClient } from '@tanstack/react-query';
import { kinds } from '../kinds/kinds';
import type { ReadRecords } from '../records/readRecords';
import type { Written } from '../store/changes';
import type { RecordStore } from '../store/recordStore';
import type { ListedRecord } from '../kinds/kind';

/** More keys at once than these are not looked at one by one: everything is read anew. */
const manyKeys = 200;

/** Shows everywhere what was written, without reading anything else again. */
export function showWritten(client: QueryClient, written: readonly Written[]): void {
  for (const { queryKey, collection, listing } of kinds) {
    client.setQueryData<ReadRecords<ListedRecord>>(
      [...queryKey],
      // What is kept under a kind's key is of that kind.
      (before) => before && listing.after(before as ReadRecords<never>, written),
    );
    for (const { key, record } of written) {
      if (!key.startsWith(collection.prefix)) continue;
      client.setQueryData(
        [...queryKey, key.slice(collection.prefix.length)],
        (before) => before && collection.one(key, record),
      );
    }
  }
}

/** Shows everywhere what another window has written under these keys. */
export async function showForeign(
  client: QueryClient,
  store: RecordStore,
  keys: readonly string[],
): Promise<void> {
  if (keys.length > manyKeys) return client.invalidateQueries();
  const contents = await store.contents(keys);
  const isReading = client.isFetching() > 0;
  showWritten(
    client,
    keys.map((key) => {
      const text = contents.get(key);
      return { key, record: text === undefined ? null : { text } };
    }),
  );
  // What is being read may be what was there before.
  if (isReading) await client.invalidateQueries();
}
