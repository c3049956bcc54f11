import { createContext, useContext } from 'react';
import { useController, type FieldPath, type FieldValues } from 'react-hook-form';
import type { Problem } from '../../core/problem';

/** What is wrong with what is typed into the form in hand, by itself: fields hear of nothing else. */
export interface FormProblems {
  readonly problems: readonly Problem[];
  /** Whether what was emptied or never filled in is told: on a card only once the person wants to save it. */
  readonly tellsEmpty: boolean;
}

export const FormProblemsContext = createContext<FormProblems>({ problems: [], tellsEmpty: true });

export const useProblems = (): readonly Problem[] => useContext(FormProblemsContext).problems;

/** `measure.parts[0].depth`, as the core names a field, from `measure.parts.0.depth`, as the form does. */
const corePath = (formPath: string): string => formPath.replace(/\.(\d+)(?=\.|$)/g, '[$1]');

/** One field of a form: what is typed, and what is wrong with it. */
export interface FormField {
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly problem: Problem | undefined;
}

/** One field of the form in hand: a job, a card, a mould. */
export function useFormField<Values extends FieldValues>(path: FieldPath<Values>): FormField {
  const { field } = useController<Values>({ name: path });
  const { problems, tellsEmpty } = useContext(FormProblemsContext);
  // What a job never said is not a mistake yet.
  const known = field.value as unknown;
  const isTold = known !== undefined && known !== null && (known !== '' || tellsEmpty);
  const name = corePath(path);
  return {
    value: known === undefined || known === null ? '' : String(known),
    onChange: field.onChange,
    problem: isTold ? problems.find((problem) => problem.field === name) : undefined,
  };
}

/** Whether something under one of these places is wrong and the person should see it. */
export function useHasProblem(...places: readonly string[]): boolean {
  const { problems, tellsEmpty } = useContext(FormProblemsContext);
  return (
    tellsEmpty && problems.some(({ field }) => places.some((place) => field.startsWith(place)))
  );
}
