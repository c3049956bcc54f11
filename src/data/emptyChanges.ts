import type { SettingsRecord } from './records/settingsRecord';
import { settingsCollection, settingsRecordOf } from './repositories';
import type { Change } from './store/recordStore';

/** Everything that a start from empty writes: the records under these keys go. */
export function emptyChanges(
  keys: readonly string[],
  before: SettingsRecord | undefined,
): Change[] {
  const quick = { amount: '', resinId: '', batches: '1' };
  return [
    ...keys.map((key) => ({ key, record: null })),
    settingsCollection.change(settingsRecordOf({ startedWith: 'empty', quick }, before)),
  ];
}
