import type { JobDraft } from '../draft/jobDraft';
import type { SettingsRecord } from '../records/settingsRecord';
import {
  jobChange,
  jobRecordOf,
  resinChange,
  resinRecordOf,
  settingsChange,
  settingsRecordOf,
} from '../repositories';
import type { Change } from '../store/recordStore';
import { demoJobs, demoResins } from './demoData';

/** Everything that a start with the demo writes, in one change; records that were there give way. */
export function demoChanges(before: SettingsRecord | undefined): Change[] {
  const start = Date.now();
  const jobs = demoJobs.map(({ id, ...job }, index) => {
    const record = jobRecordOf(job as unknown as JobDraft);
    // One second apart, so that the list keeps the order of the demo.
    const at = new Date(start - index * 1000).toISOString();
    return jobChange({ ...record, id, createdAt: at, updatedAt: at });
  });
  const resins = demoResins.map((resin) => {
    const record = resinRecordOf(resin);
    return resinChange({ ...record, id: resin.id, resin });
  });
  const quick = { amount: '', resinId: demoResins[0]?.id ?? '', batches: '1' };
  return [
    ...jobs,
    ...resins,
    settingsChange(settingsRecordOf({ startedWith: 'demo', quick }, before)),
  ];
}

/** Everything that a start from empty writes: the records under these keys go. */
export function emptyChanges(
  keys: readonly string[],
  before: SettingsRecord | undefined,
): Change[] {
  const quick = { amount: '', resinId: '', batches: '1' };
  return [
    ...keys.map((key) => ({ key, record: null })),
    settingsChange(settingsRecordOf({ startedWith: 'empty', quick }, before)),
  ];
}
