import { nanoid } from 'nanoid';
import { ownKinds } from '../kinds/kinds';
import { isRecord, type Write } from './changes';
import type { RecordStore } from './recordStore';
import type { StoredRecord } from './versions';

/**
 * Brings what was made in one store into another, beside what is there: a record whose place is taken comes under an id of
 * its own.
 */
export async function carryOver(from: RecordStore, to: RecordStore): Promise<void> {
  const there = await to.read('');
  const writes: Write[] = [];
  for (const { collection } of ownKinds) {
    for (const [key, text] of await from.read(collection.prefix)) {
      const record = JSON.parse(text) as StoredRecord;
      const id = there.has(key) ? nanoid() : record.id;
      if (there.get(key) === text || !isRecord(record)) continue;
      writes.push({ key: collection.prefix + id, record: { ...record, id }, replaces: null });
    }
  }
  if (writes.length > 0) await to.commit(writes);
}
