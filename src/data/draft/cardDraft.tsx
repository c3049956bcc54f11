import { useState, type ReactNode } from 'react';
import {
  FormProvider,
  useForm,
  useWatch,
  type DefaultValues,
  type FieldValues,
  type UseFormReturn,
} from 'react-hook-form';
import type { InferType, Schema } from 'yup';
import type { Problem } from '../../core/problem';
import { check } from '../../core/schema/check';
import { FormProblemsContext } from './formField';

/** A card that is being typed, saved as a whole when the person asks for it: a resin, a mould. */
export interface CardDraft<Draft extends FieldValues, Card> {
  readonly form: UseFormReturn<Draft>;
  readonly draft: Draft;
  /** What is typed, where it is a whole card. */
  readonly card: Card | undefined;
  readonly problems: readonly Problem[];
  /** The person wanted to save it: from here on, what is missing is told. */
  readonly asked: boolean;
  readonly ask: () => void;
}

/**
 * @param initial the card as the form shows it
 * @param typed what is held against the schema
 */
export function useCardDraft<Draft extends FieldValues, S extends Schema>(
  initial: () => Draft,
  schema: S,
  typed: (draft: Draft) => object,
): CardDraft<Draft, InferType<S>> {
  const [defaultValues] = useState(initial);
  const form = useForm<Draft>({ defaultValues: defaultValues as DefaultValues<Draft> });
  const draft = useWatch({ control: form.control }) as Draft;
  const [asked, setAsked] = useState(false);
  const { value, problems } = check(schema, typed(draft), { strip: true });
  return { form, draft, card: value, problems, asked, ask: () => setAsked(true) };
}

interface CardDraftProviderProps<Draft extends FieldValues> {
  readonly of: CardDraft<Draft, unknown>;
  readonly children: ReactNode;
}

/** The form of a card, for the fields in it. */
export function CardDraftProvider<Draft extends FieldValues>({
  of: { form, problems, asked },
  children,
}: CardDraftProviderProps<Draft>) {
  return (
    <FormProvider {...form}>
      <FormProblemsContext value={{ problems, tellsEmpty: asked }}>{children}</FormProblemsContext>
    </FormProvider>
  );
}
