import { useCallback, useEffect, useRef, useState } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import { baseOf, type TypedDraft } from '../drafts/useTypedDraft';
import { useAutosave } from '../hooks/useAutosave';
import type { CardActions } from '../hooks/useCardActions';
import { StaleWriteError } from '../store/staleWriteError';
import { sameVersion, type StoredRecord } from '../store/versions';

/** How a card that is typed stands to the one that is stored. */
export interface StoredCard<Card, R> {
  /** Another window was first. */
  readonly conflict: 'changed' | 'deleted' | undefined;
  /** Something is typed that the card does not say; it is kept, and is there again when the card is opened again. */
  readonly isTyped: boolean;
  /** Saves the card; undefined where another window was first, and then it is asked what shall be. */
  readonly save: (card: Card) => Promise<R | undefined>;
  /** What is typed here counts: the next save is put in place of the other version. */
  readonly keepMine: () => void;
  /** Drops what is typed, for the stored card or an empty one. */
  readonly startAfresh: () => Promise<void>;
}

interface StoredCardProps<Draft extends FieldValues, Card, R> {
  /** Of the record; empty for one that is not kept yet. */
  readonly id: string;
  readonly form: UseFormReturn<Draft>;
  /** What is typed, kept. */
  readonly beside: TypedDraft;
  /** As it is stored now; undefined for a new one, or where it is gone and only what was typed is left. */
  readonly record: R | undefined;
  readonly gone: boolean;
  readonly actions: Pick<CardActions<Card, R>, 'save' | 'bringBack'>;
  /** The form for a record; for none, a new one. */
  readonly draftOf: (record: R | undefined) => Draft;
}

/** Keeps what is typed into a card until it is saved, and saves it over the state on which the typing began. */
export function useStoredCard<
  Draft extends FieldValues & { readonly name: string },
  Card,
  R extends StoredRecord,
>({
  id,
  form,
  beside,
  record,
  gone,
  actions,
  draftOf,
}: StoredCardProps<Draft, Card, R>): StoredCard<Card, R> {
  const { found } = beside;
  /** The stored state that a save builds on. */
  const base = useRef(record);
  // What was typed earlier was typed over that state of then.
  const wasOvertaken =
    found !== undefined &&
    record !== undefined &&
    !sameVersion(found.base ?? undefined, { revision: record.revision, stamp: record.stamp });
  const [isOvertaken, setOvertaken] = useState(wasOvertaken);
  const [isTyped, setTyped] = useState(found !== undefined);

  const autosave = useAutosave<Draft>({
    changesOf: (typed) => [beside.writing(typed, typed.name, baseOf(base.current))],
    onSaved: (changes) => beside.written(changes),
    onRefused(error, typed) {
      if (!(error instanceof StaleWriteError)) throw error;
      beside.letGo();
      if (autosave.unsaved()?.typed === typed) autosave.request(typed);
    },
  });

  const { subscribe, reset } = form;
  useEffect(
    () =>
      subscribe({
        formState: { values: true },
        callback: ({ values, name }) => {
          // A reset tells no name: it shows what is stored.
          if (name === undefined) return;
          setTyped(true);
          autosave.request(structuredClone(values));
        },
      }),
    [subscribe, autosave],
  );

  const show = useCallback(
    (stored: R | undefined) => {
      base.current = stored;
      setOvertaken(false);
      setTyped(false);
      reset(draftOf(stored));
    },
    [reset, draftOf],
  );

  // Another window's version: shown at once where nothing is typed, asked about where something is.
  useEffect(() => {
    if (record === undefined || sameVersion(record, base.current)) return;
    // What was there before the last save may still be in hand.
    if (record.revision < (base.current?.revision ?? 0)) return;
    if (isTyped) setOvertaken(true);
    else show(record);
  }, [record, isTyped, show]);

  /** Lets what is being kept arrive, and keeps nothing more: what it comes to can be taken away then. */
  async function keepNoMore(): Promise<void> {
    autosave.drop();
    await new Promise<void>(autosave.whenDone);
  }

  async function save(card: Card): Promise<R | undefined> {
    await keepNoMore();
    const removal = beside.removal();
    const before = base.current ?? record;
    try {
      const saved = gone
        ? await actions.bringBack(card, id, before, removal)
        : await actions.save(card, before, removal);
      beside.written(removal);
      base.current = saved;
      setTyped(false);
      setOvertaken(false);
      return saved;
    } catch (error) {
      if (!(error instanceof StaleWriteError)) throw error;
      if (removal.some(({ key }) => key === error.key)) {
        // Only the draft has gone on elsewhere: the card itself can be saved.
        beside.letGo();
        return save(card);
      }
      setOvertaken(true);
      return undefined;
    }
  }

  return {
    conflict: gone ? 'deleted' : isOvertaken ? 'changed' : undefined,
    isTyped,
    save,
    keepMine() {
      if (record !== undefined) base.current = record;
      setOvertaken(false);
    },
    async startAfresh() {
      await keepNoMore();
      await beside.drop();
      show(record);
    },
  };
}
