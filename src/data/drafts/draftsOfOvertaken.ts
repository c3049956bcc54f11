import type { JobRecord } from '../records/jobRecord';
import type { DraftRecord } from '../records/draftRecord';
import { draftCollection, draftRecordOf, jobCollection } from '../repositories';
import { isRecord, type Change } from '../store/changes';
import type { Group } from '../store/pending';

/**
 * What becomes of changes that could not be written and that somebody else has overtaken meanwhile: a job as it was typed becomes
 * a draft beside theirs, between which the person chooses; a card that was to be saved has a draft already.
 */
export function draftsOfOvertaken(group: Group): readonly Change[] {
  return [...group].flatMap(([key, { write }]) => {
    const record = write?.record ?? null;
    if (!isRecord(record)) return [];
    const base = write?.over.find((each) => each !== null && !('text' in each)) ?? null;
    if (key.startsWith(jobCollection.prefix)) {
      const { draft } = record as JobRecord;
      const typed = { of: key, name: draft.name, base: base as DraftRecord['base'], values: draft };
      return [draftCollection.creation(draftRecordOf(typed))];
    }
    if (key.startsWith(draftCollection.prefix)) {
      return [draftCollection.creation(draftRecordOf(record as DraftRecord))];
    }
    return [];
  });
}
