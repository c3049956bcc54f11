import { useMemo } from 'react';
import { useFormContext, useWatch, type FieldPath, type PathValue } from 'react-hook-form';
import type { Problem } from '../../core/problem';
import type { JobDraft, PourDraft } from './jobDraft';
import { useFormField, useProblems, type FormField } from './formField';
import { usePourIndex } from './openJob';

/** One field of the open job. */
export const useDraftField = (path: FieldPath<JobDraft>): FormField => useFormField<JobDraft>(path);

/** One field of the pour in hand. */
export const usePourField = (path: FieldPath<PourDraft>): FormField =>
  useDraftField(`pours.${usePourIndex()}.${path}` as FieldPath<JobDraft>);

/** A part of the pour in hand as it is typed, and what sets it. */
export function usePourPart<Key extends FieldPath<PourDraft>>(
  key: Key,
): readonly [PathValue<PourDraft, Key> | undefined, (value: PathValue<PourDraft, Key>) => void] {
  const { setValue } = useFormContext<JobDraft>();
  const path = `pours.${usePourIndex()}.${key}` as FieldPath<JobDraft>;
  const value = useWatch<JobDraft>({ name: path }) as PathValue<PourDraft, Key> | undefined;
  return [value, (next) => setValue(path, next as never)];
}

/** Whether there are several pours: one alone has nothing to differ from. */
export const useSeveralPours = (): boolean =>
  useWatch<JobDraft, 'pours', JobDraft, boolean>({
    name: 'pours',
    compute: (pours) => pours.length > 1,
  });

/** What is wrong with the pour in hand, its own fields told from the pour. */
export function usePourProblems(): readonly Problem[] {
  const problems = useProblems();
  const place = `pours[${usePourIndex()}].`;
  return useMemo(
    () =>
      problems.map((problem) =>
        problem.field.startsWith(place)
          ? { ...problem, field: problem.field.slice(place.length) }
          : problem,
      ),
    [problems, place],
  );
}

/** A part of the open job as it is typed, and what sets it. */
export function useJobPart<Key extends 'prepare' | 'form' | 'measure'>(
  key: Key,
): readonly [JobDraft[Key], (value: JobDraft[Key]) => void] {
  const { setValue } = useFormContext<JobDraft>();
  const value = useWatch<JobDraft>({ name: key }) as JobDraft[Key];
  return [value, (next) => setValue(key, next as never)];
}
