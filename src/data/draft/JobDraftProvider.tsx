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
import { lessPoured } from '../../core/plan/lessPoured';
import { useShelf } from '../hooks/queries';
import { useRests } from '../hooks/useRests';
import type { JobRecord } from '../records/jobRecord';
import { today } from '../today';
import type { JobDraft } from './jobDraft';
import { FormProblemsContext, type FormProblems } from './formField';
import {
  InHandContext,
  KeptJobContext,
  OpenJobContext,
  type KeptJob,
  type OpenJob,
} from './openJob';
import { planDraft } from './planDraft';
import { usePlannedDraft } from './usePlannedDraft';
import { useStoredJob } from './useStoredJob';

interface JobDraftProviderProps {
  /** The job as it is stored now; a newer one from another window comes in here. */
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
  const [opened] = useState(record);
  /** What the form shows, and the stored state that a reset puts into it. */
  const shown = useRef<JobDraft>(undefined);
  const resetTo = useRef<JobRecord>(undefined);
  const resetForm = useRef<(draft: JobDraft) => void>(undefined);
  const latest = useCallback(() => shown.current, []);
  const show = useCallback((theirs: JobRecord) => {
    resetTo.current = theirs;
    resetForm.current?.(theirs.draft);
  }, []);
  const stored = useStoredJob(record, gone, latest, show);
  const form = useForm<JobDraft>({ defaultValues: stored.initial });
  const { subscribe, reset } = form;
  const [draft, setDraft] = useState(stored.initial);
  const storedNow = useRef(stored);
  useEffect(() => {
    storedNow.current = stored;
    resetForm.current = reset;
  });

  useEffect(() => {
    shown.current ??= stored.initial;
    return subscribe({
      formState: { values: true },
      callback: ({ values, name }) => {
        const typed = structuredClone(values);
        shown.current = typed;
        setDraft(typed);
        // A reset tells no name: it shows what is stored, so there is nothing to save.
        if (name !== undefined) storedNow.current.typed(typed);
        else if (resetTo.current !== undefined) storedNow.current.shown(resetTo.current, typed);
      },
    });
  }, [subscribe, stored.initial]);

  // A pour that was taken away leaves the last one in hand.
  const pourIndex = Math.min(askedFor, draft.pours.length - 1);
  const inHand = useMemo(() => ({ id: opened.id, pourIndex }), [opened, pourIndex]);
  // The field that is typed in comes first; the plan follows in pieces between two keys.
  const planned = usePlannedDraft<unknown>(
    useDeferredValue(draft),
    shelf,
    opened.lastGood,
    planDraft,
  );
  const { conflict, saveState } = stored;
  const rests = useRests()(opened.id);
  const open = useMemo<OpenJob>(
    () => ({
      ...planned,
      plan: planned.plan && lessPoured(planned.plan, rests, today()),
      pour: planned.plan?.pours[Math.min(pourIndex, planned.plan.pours.length - 1)],
      ...inHand,
    }),
    [planned, rests, pourIndex, inHand],
  );
  const kept = useMemo<KeptJob>(
    () => ({
      conflict,
      saveState,
      keepMine: () => void storedNow.current.keepMine(shown.current ?? storedNow.current.initial),
      takeTheirs: () => void storedNow.current.dropMine().then(() => show(record)),
    }),
    [record, conflict, saveState, show],
  );
  const problems = useMemo<FormProblems>(
    () => ({ problems: planned.problems, tellsEmpty: true }),
    [planned.problems],
  );

  return (
    <FormProvider {...form}>
      <OpenJobContext.Provider value={open}>
        <FormProblemsContext.Provider value={problems}>
          <InHandContext.Provider value={inHand}>
            <KeptJobContext.Provider value={kept}>{children}</KeptJobContext.Provider>
          </InHandContext.Provider>
        </FormProblemsContext.Provider>
      </OpenJobContext.Provider>
    </FormProvider>
  );
}
