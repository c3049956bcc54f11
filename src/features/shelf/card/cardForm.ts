import { createContext, useContext } from 'react';
import { useWatch, type Control, type FieldPath, type UseFormSetValue } from 'react-hook-form';
import type { Problem } from '../../../core/problem';
import type { ResinDraft } from './resinDraft';

/** The card that is being typed: what is wrong with it, and whether the person has asked to save it. */
export interface CardForm {
  readonly control: Control<ResinDraft>;
  readonly setValue: UseFormSetValue<ResinDraft>;
  readonly problems: readonly Problem[];
  readonly asked: boolean;
}

export const CardFormContext = createContext<CardForm | null>(null);

export function useCardForm(): CardForm {
  const form = useContext(CardFormContext);
  if (form === null) throw new Error('useCardForm outside of a resin card');
  return form;
}

/** `kits[0].price`, as the core names a field, from `kits.0.price`, as the form does. */
const corePath = (path: string): string => path.replace(/\.(\d+)(?=\.|$)/g, '[$1]');

/** One field of the card: its text, and what is wrong with it. */
export function useCardField(path: FieldPath<ResinDraft>) {
  const { control, setValue, problems, asked } = useCardForm();
  const value = String(useWatch({ control, name: path }) ?? '');
  // What was never filled in is only told once the person wants to save the card.
  const told = asked || value !== '';
  return {
    value,
    onChange: (text: string) => setValue(path, text, { shouldDirty: true }),
    problem: told ? problems.find(({ field }) => field === corePath(path)) : undefined,
  };
}

/** Whether something under one of these places is wrong and the person should see it. */
export function useHasProblem(...places: readonly string[]): boolean {
  const { problems, asked } = useCardForm();
  return asked && problems.some(({ field }) => places.some((place) => field.startsWith(place)));
}
