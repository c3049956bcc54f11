import type { RecordStore } from '../store/recordStore';

/** All records as one JSON file, those included that this version cannot read. */
export async function everythingText(store: RecordStore): Promise<string> {
  const records = [...(await store.read(''))].map(([key, text]) => {
    try {
      return { key, record: JSON.parse(text) as unknown };
    } catch {
      return { key, text };
    }
  });
  return `${JSON.stringify({ format: 'nipperkin-data', version: 1, records }, null, 2)}\n`;
}
