import { longestJobName, nameWith } from '../../core/schema/nameWith';
import { useMemo } from 'react';
import type { Job } from '../../core/job/jobSchema';
import type { JobDraft } from '../draft/jobDraft';
import { dates, jobs, ticks } from '../kinds/kinds';
import { readOne } from '../kinds/readOne';
import type { JobEntry } from '../records/jobEntry';
import type { JobRecord } from '../records/jobRecord';
import { datesCollection, jobCollection, jobRecordOf, ticksCollection } from '../repositories';
import type { RecordStore } from '../store/recordStore';
import type { CauseCode } from '../../core/diagnose/causeCodes';
import type { PieceRecord } from '../../core/record/recordSchema';
import type { Resin } from '../../core/resin/resinSchema';
import { jobAgain, withLesson } from '../draft/jobOfRecord';
import { againIfOvertaken } from './againIfOvertaken';
import { useStore } from './DataProvider';
import { useCommit, useUndoable, type Undo } from './useCommit';

/** What can be done with a job as a whole. */
export function useJobActions() {
  const store = useStore();
  const commit = useCommit();
  const undoable = useUndoable();
  return useMemo(() => jobActions(store, commit, undoable), [store, commit, undoable]);
}

function jobActions(
  store: RecordStore,
  commit: ReturnType<typeof useCommit>,
  undoable: ReturnType<typeof useUndoable>,
) {
  const read = async ({ id }: JobEntry): Promise<JobRecord | undefined> =>
    (await readOne(store, jobs, id)).record;
  return {
    /** Keeps a new job. */
    async create(draft: JobDraft | Job): Promise<JobRecord> {
      const record = jobRecordOf(draft as JobDraft);
      await commit([jobCollection.creation(record)]);
      return record;
    },
    /**
     * Takes a job away; undefined where it is not there any more, or cannot be read and stays. Photos that only it shows are swept
     * at a later start, when no undo asks for them any more.
     */
    async remove(entry: JobEntry): Promise<Undo | undefined> {
      // At once: who leaves the page right after it has deleted it all the same.
      const [record, dated, ticked] = await Promise.all([
        read(entry),
        readOne(store, dates, entry.id),
        readOne(store, ticks, entry.id),
      ]);
      if (record === undefined) return undefined;
      return undoable([
        jobCollection.removal(record),
        // What cannot be read stays: nothing shows it without its job.
        ...(dated.record === undefined ? [] : [datesCollection.removal(dated.record)]),
        ...(ticked.record === undefined ? [] : [ticksCollection.removal(ticked.record)]),
      ]);
    },
    /** Writes something into a job as it stands, with what takes it back; undefined where it is not there any more. */
    change: (id: string, to: (before: JobDraft) => JobDraft): Promise<Undo | undefined> =>
      againIfOvertaken(async () => {
        const { record } = await readOne(store, jobs, id);
        if (record === undefined) return undefined;
        return undoable([jobCollection.change(jobRecordOf(to(record.draft), record), record)]);
      }),
    /**
     * Keeps a job that makes a recorded piece once more.
     * @param cause what it minds this time
     * @returns undefined where nothing tells how much of what it took
     */
    async again(
      piece: PieceRecord,
      cards: readonly Resin[],
      cause?: CauseCode,
    ): Promise<JobRecord | undefined> {
      const own =
        piece.job === undefined ? undefined : (await readOne(store, jobs, piece.job)).record;
      const draft = jobAgain(piece, own?.draft, cards);
      if (draft === undefined) return undefined;
      const record = jobRecordOf(cause === undefined ? draft : withLesson(draft, cause));
      await commit([jobCollection.creation(record)]);
      return record;
    },
    /** Keeps a copy; undefined where the job is not there any more, or cannot be read. */
    async duplicate(entry: JobEntry): Promise<JobRecord | undefined> {
      const record = await read(entry);
      if (record === undefined) return undefined;
      const name = nameWith(record.draft.name, ' (copy)', longestJobName);
      const copy = jobRecordOf({ ...record.draft, name });
      await commit([jobCollection.creation(copy)]);
      return copy;
    },
  };
}
