import { useCallback, useEffect, useRef, useState } from 'react';
import { baseOf, useTypedDraft } from '../drafts/useTypedDraft';
import { useAutosave } from '../hooks/useAutosave';
import { useCommit } from '../hooks/useCommit';
import { useDrafts, useSaveState } from '../hooks/queries';
import type { JobRecord } from '../records/jobRecord';
import { jobCollection, jobRecordOf } from '../repositories';
import { isPatch } from '../store/changes';
import { StaleWriteError } from '../store/staleWriteError';
import type { SaveState } from '../store/recordStore';
import { sameVersion, type Version } from '../store/versions';
import type { JobDraft } from './jobDraft';

/** How what is typed into a job stands to what is stored. */
export interface StoredJob {
  /** What the form begins as: what is stored, or what was typed over it earlier and could not be saved. */
  readonly initial: JobDraft;
  /** Another window was first: its version, or the deletion, would be overwritten by this one. */
  readonly conflict: 'changed' | 'deleted' | undefined;
  /** `saved` only where the form shows the stored record. */
  readonly saveState: SaveState['state'];
  /** Saves what is typed. */
  readonly typed: (draft: JobDraft) => void;
  /** The form shows this state of the stored record. */
  readonly shown: (record: JobRecord, draft: JobDraft) => void;
  /** Puts what is typed in place of the other version. */
  readonly keepMine: (draft: JobDraft) => Promise<void>;
  /** Drops what is typed here. */
  readonly dropMine: () => Promise<void>;
}

const nameOfVersion = ({ revision, stamp = '' }: Version): string => `${revision}/${stamp}`;
const isSame = (a: object, b: object): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Keeps what is typed into a job: in its record, or beside it while another window's version stands there.
 * @param record as it is stored now
 * @param gone it was deleted while it was open here
 * @param latest the typed state that the form shows
 * @param show puts another state of the stored record into the form
 */
export function useStoredJob(
  record: JobRecord,
  gone: boolean,
  latest: () => JobDraft | undefined,
  show: (record: JobRecord) => void,
): StoredJob {
  const commit = useCommit();
  const { state: storeState } = useSaveState();
  const { data: drafts } = useDrafts();
  const key = jobCollection.key(record.id);
  const beside = useTypedDraft(key);
  const { found } = beside;
  const [opened] = useState(record);
  /** The stored state that the next save builds on. */
  const base = useRef(opened);
  const passed = useRef(new Set<string>());
  const wasOvertaken = found !== undefined && !isSame(found.values, opened.draft);
  const [isOvertaken, setOvertaken] = useState(wasOvertaken);
  const overtaken = useRef(wasOvertaken);
  const initial = (wasOvertaken ? found.values : opened.draft) as JobDraft;
  const [savedDraft, setSavedDraft] = useState<JobDraft>(initial);
  const [typedDraft, setTypedDraft] = useState<JobDraft>(initial);

  const setConflict = useCallback((is: boolean) => {
    overtaken.current = is;
    setOvertaken(is);
  }, []);
  const setBase = useCallback((next: JobRecord) => {
    passed.current.add(nameOfVersion(base.current));
    base.current = next;
  }, []);

  const autosave = useAutosave<JobDraft>({
    changesOf: (typed) =>
      overtaken.current
        ? [beside.writing(typed, typed.name, baseOf(base.current))]
        : [jobCollection.change(jobRecordOf(typed, base.current), base.current)],
    onSaved(changes, typed) {
      beside.written(changes);
      for (const change of changes) {
        if (change.key === key && !isPatch(change)) setBase(change.record as JobRecord);
      }
      if (!overtaken.current) setSavedDraft(typed);
    },
    onRefused(error, typed) {
      if (!(error instanceof StaleWriteError)) throw error;
      if (overtaken.current) beside.letGo();
      else setConflict(true);
      // What was typed is kept beside the other version.
      if (autosave.unsaved()?.typed === typed) autosave.request(typed);
    },
  });

  // What is beside the record and is the same is no other version.
  useEffect(() => {
    if (found !== undefined && !wasOvertaken) void beside.drop();
  }, [found, wasOvertaken, beside]);

  useEffect(() => {
    const isOther =
      !sameVersion(record, base.current) && !passed.current.has(nameOfVersion(record));
    if (!isOther || overtaken.current || autosave.unsaved() !== undefined) return;
    const mine = latest();
    // A save that the device refused was overtaken before it could be written: it stands beside the record now.
    const late = drafts?.records.find(
      ({ of, values }) => of === key && mine !== undefined && isSame(values, mine),
    );
    if (late !== undefined && mine !== undefined && !isSame(mine, record.draft)) {
      beside.goOnWith(late);
      // eslint-disable-next-line react-hooks/set-state-in-effect -- what was typed is known to a ref alone, outside of rendering
      setConflict(true);
    } else {
      setBase(record);
      show(record);
    }
  }, [record, drafts, key, autosave, beside, latest, show, setBase, setConflict]);

  async function keep(draft: JobDraft): Promise<void> {
    const mine = jobRecordOf(draft, record);
    const writing = gone ? jobCollection.creation(mine) : jobCollection.change(mine, record);
    const changes = [writing, ...beside.removal()];
    try {
      await commit(changes);
    } catch (error) {
      // Somebody was first once more: the choice is asked again, over what is there now.
      if (!(error instanceof StaleWriteError)) throw error;
      // A draft that another window has gone on with is left to it.
      if (error.key !== key) beside.letGo();
      return;
    }
    beside.written(changes);
    // Theirs is behind mine now: where it is still in hand it is not shown any more.
    passed.current.add(nameOfVersion(record));
    setBase(mine);
    setSavedDraft(draft);
    setConflict(false);
  }

  const conflict = gone ? 'deleted' : isOvertaken ? 'changed' : undefined;
  return {
    initial,
    conflict,
    saveState:
      conflict !== undefined
        ? 'failed'
        : storeState !== 'failed' && typedDraft !== savedDraft
          ? 'saving'
          : storeState,
    typed(draft) {
      setTypedDraft(draft);
      autosave.request(draft);
    },
    shown(theirs, draft) {
      setBase(theirs);
      setTypedDraft(draft);
      setSavedDraft(draft);
    },
    async keepMine(draft) {
      autosave.drop();
      const keeping = keep(draft);
      // What is typed meanwhile is saved onto what is kept.
      autosave.hold(keeping);
      await keeping;
    },
    async dropMine() {
      autosave.drop();
      // What is being kept beside the record arrives before it is taken away.
      await new Promise<void>(autosave.whenDone);
      setConflict(false);
      await beside.drop();
    },
  };
}
