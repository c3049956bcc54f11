import { useController, type FieldPath } from 'react-hook-form';
import type { Problem } from '../../core/problem';
import type { JobDraft } from './jobDraft';
import { useProblems } from './openJob';

/** `measure.parts[0].depth`, as the core names a field, from `measure.parts.0.depth`, as the form does. */
const corePath = (formPath: string): string => formPath.replace(/\.(\d+)(?=\.|$)/g, '[$1]');

export interface DraftField {
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly problem: Problem | undefined;
}

/** One field of the open job: what is typed, and what is wrong with it. */
export function useDraftField(path: FieldPath<JobDraft>): DraftField {
  const { field } = useController<JobDraft>({ name: path });
  const problems = useProblems();
  const name = corePath(path);
  // What was never filled in is not a mistake yet; what was emptied is.
  const untouched = field.value === undefined;
  return {
    value: field.value === undefined || field.value === null ? '' : String(field.value),
    onChange: field.onChange,
    problem: untouched ? undefined : problems.find((problem) => problem.field === name),
  };
}
