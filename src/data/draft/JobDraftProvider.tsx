import {
  useCallback,
  useDeferredValue,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { FormProvider, useForm } from 'react-hook-form';
import { useShelf } from '../hooks/queries';
import { useCommit } from '../hooks/useCommit';
import type { JobRecord } from '../records/jobRecord';
import { jobCollection, jobRecordOf } from '../repositories';
import { StaleWriteError } from '../store/staleWriteError';
import { createAutosave } from './autosave';
import type { JobDraft } from './jobDraft';
import { FormProblemsContext, type FormProblems } from './formField';
import { OpenJobContext, PourIndexContext, type OpenJob } from './openJob';
import { usePlannedDraft } from './usePlannedDraft';

interface JobDraftProviderProps {
  /** The job as it is stored now; a newer one from another tab comes in here. */
  readonly record: JobRecord;
  /** It was deleted while it was open here. */
  readonly gone: boolean;
  /** The pour in hand, counted from 0. */
  readonly pourIndex?: number;
  readonly children: ReactNode;
}

/** Holds one job while it is edited: every keystroke is checked, planned and saved. */
export function JobDraftProvider({
  record,
  gone,
  pourIndex: askedFor = 0,
  children,
}: JobDraftProviderProps) {
  const shelf = useShelf();
  const commit = useCommit();
  const [opened] = useState(record);
  const form = useForm<JobDraft>({ defaultValues: opened.draft });
  const { subscribe, reset } = form;
  const [draft, setDraft] = useState(opened.draft);
  const [conflict, setConflict] = useState<OpenJob['conflict']>();
  /** The stored state that the next save builds on. */
  const base = useRef(opened);

  const save = useCallback(
    async (typed: JobDraft) => {
      const next = jobRecordOf(typed, base.current);
      try {
        await commit([jobCollection.change(next, base.current.revision)]);
        base.current = next;
      } catch (error) {
        if (!(error instanceof StaleWriteError)) throw error;
        setConflict(error.storedRevision === undefined ? 'deleted' : 'changed');
      }
    },
    [commit],
  );
  const [autosave] = useState(createAutosave);

  useEffect(() => {
    return subscribe({
      formState: { values: true },
      callback: ({ values, name }) => {
        const typed = structuredClone(values);
        setDraft(typed);
        // A reset tells no name: it shows what is stored, so there is nothing to save.
        if (name !== undefined) autosave.request(() => save(typed));
      },
    });
  }, [subscribe, autosave, save]);

  const show = useCallback(
    (theirs: JobRecord) => {
      base.current = theirs;
      reset(theirs.draft);
    },
    [reset],
  );

  useEffect(() => {
    const isNewer = record.revision > base.current.revision;
    if (isNewer && conflict === undefined && !autosave.busy()) show(record);
  }, [record, conflict, autosave, show]);

  // A pour that was taken away leaves the last one in hand.
  const pourIndex = Math.min(askedFor, draft.pours.length - 1);
  // The field that is typed in comes first; the plan follows in pieces between two keys.
  const planned = usePlannedDraft(useDeferredValue(draft), shelf, opened.lastGood);
  const open = useMemo<OpenJob>(
    () => ({
      ...planned,
      pour: planned.plan?.pours[Math.min(pourIndex, planned.plan.pours.length - 1)],
      pourIndex,
      record,
      conflict: gone ? 'deleted' : conflict,
      keepMine: () => {
        const mine = jobRecordOf(draft, record);
        base.current = mine;
        setConflict(undefined);
        void commit([jobCollection.change(mine)]);
      },
      takeTheirs: () => {
        setConflict(undefined);
        show(record);
      },
    }),
    [planned, pourIndex, record, gone, conflict, draft, commit, show],
  );
  const problems = useMemo<FormProblems>(
    () => ({ problems: planned.problems, tellsEmpty: true }),
    [planned.problems],
  );

  return (
    <FormProvider {...form}>
      <OpenJobContext.Provider value={open}>
        <FormProblemsContext.Provider value={problems}>
          <PourIndexContext.Provider value={pourIndex}>{children}</PourIndexContext.Provider>
        </FormProblemsContext.Provider>
      </OpenJobContext.Provider>
    </FormProvider>
  );
}
