import type { Job } from '../../core/job/jobSchema';
import type { JobDraft } from '../draft/jobDraft';
import type { JobRecord } from '../records/jobRecord';
import { jobCollection, jobRecordOf, photoCollection } from '../repositories';
import { photosOf } from '../kinds/photosOf';
import { useStore } from './DataProvider';
import { useCommit } from './useCommit';
import { readPhoto } from './usePhoto';

/** What can be done with a job as a whole. */
export function useJobActions() {
  const commit = useCommit();
  const store = useStore();
  return {
    /** Keeps a new job. */
    async create(draft: JobDraft | Job): Promise<JobRecord> {
      const record = jobRecordOf(draft as JobDraft);
      await commit([jobCollection.change(record)]);
      return record;
    },
    /** Takes a job away, and photos that no other job uses; the function it gives puts it back. */
    async remove(record: JobRecord): Promise<() => Promise<void>> {
      const { records } = await jobCollection.read(store);
      const others = new Set(records.filter(({ id }) => id !== record.id).flatMap(photosOf));
      const own = [...new Set(photosOf(record))].filter((id) => !others.has(id));
      const photos = (await Promise.all(own.map((id) => readPhoto(store, id)))).filter(
        (photo) => photo !== null,
      );
      await commit([
        jobCollection.removal(record.id),
        ...photos.map(({ id }) => photoCollection.removal(id)),
      ]);
      const back = [
        jobCollection.change(record),
        ...photos.map((photo) => photoCollection.change(photo)),
      ];
      return async () => void (await commit(back));
    },
    async duplicate(record: JobRecord): Promise<JobRecord> {
      const name = `${record.draft.name} (copy)`;
      const copy = jobRecordOf({ ...record.draft, name });
      await commit([jobCollection.change(copy)]);
      return copy;
    },
  };
}
