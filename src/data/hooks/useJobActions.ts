import type { Job } from '../../core/job/jobSchema';
import type { JobDraft } from '../draft/jobDraft';
import type { JobRecord } from '../records/jobRecord';
import { jobCollection, jobRecordOf } from '../repositories';
import { useCommit, useUndoable, type Undo } from './useCommit';

/** What can be done with a job as a whole. */
export function useJobActions() {
  const commit = useCommit();
  const undoable = useUndoable();
  return {
    /** Keeps a new job. */
    async create(draft: JobDraft | Job): Promise<JobRecord> {
      const record = jobRecordOf(draft as JobDraft);
      await commit([jobCollection.creation(record)]);
      return record;
    },
    /** Takes a job away; photos that only it shows are swept at a later start, when no undo asks for them any more. */
    remove: (record: JobRecord): Promise<Undo> => undoable([jobCollection.removal(record)]),
    async duplicate(record: JobRecord): Promise<JobRecord> {
      const name = `${record.draft.name} (copy)`;
      const copy = jobRecordOf({ ...record.draft, name });
      await commit([jobCollection.creation(copy)]);
      return copy;
    },
  };
}
