import type { Job } from '../../core/job';
import type { JobDraft } from '../draft/jobDraft';
import type { JobRecord } from '../records/jobRecord';
import { jobChange, jobKey, jobRecordOf } from '../repositories';
import { useCommit } from './useCommit';

/** What can be done with a job as a whole. */
export function useJobActions() {
  const commit = useCommit();
  return {
    /** Keeps a new job. */
    async create(draft: JobDraft | Job): Promise<JobRecord> {
      const record = jobRecordOf(draft as JobDraft);
      await commit([jobChange(record)]);
      return record;
    },
    /** Takes a job away; the function it gives puts it back. */
    async remove(record: JobRecord): Promise<() => Promise<void>> {
      await commit([{ key: jobKey(record.id), record: null }]);
      return async () => void (await commit([jobChange(record)]));
    },
    async duplicate(record: JobRecord): Promise<JobRecord> {
      const name = `${record.draft.name} (copy)`;
      const copy = jobRecordOf({ ...record.draft, name });
      await commit([jobChange(copy)]);
      return copy;
    },
  };
}
