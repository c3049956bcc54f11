import { useEffect, useRef, useState } from 'react';
import { createAutosave, type Autosave } from '../draft/autosave';
import type { Change } from '../store/changes';
import { useStore } from './DataProvider';
import { useCommit } from './useCommit';
import { whenIdle } from '../whenIdle';

const painted = (): Promise<void> => new Promise(whenIdle);

interface Saving<T> {
  /** What writes a typed state, as things stand when its turn comes. */
  readonly changesOf: (typed: T) => readonly Change[];
  readonly onSaved?: (changes: readonly Change[], typed: T) => void;
  /** What becomes of a save that was refused; without this it stays unsaved. */
  readonly onRefused?: (error: unknown, typed: T) => void;
}

/** Saves what is typed, the latest of it, one save at a time, once its figures are painted; what is left when the page is closed is flushed. */
export function useAutosave<T>(saving: Saving<T>): Autosave<T> {
  const store = useStore();
  const commit = useCommit();
  const latest = useRef(saving);
  const [autosave] = useState(() => createAutosave<T>(painted));
  useEffect(() => {
    latest.current = saving;
    autosave.savesBy(async (typed) => {
      const { changesOf, onRefused } = latest.current;
      const changes = changesOf(typed);
      try {
        await commit(changes);
      } catch (error) {
        if (onRefused === undefined) throw error;
        onRefused(error, typed);
        return;
      }
      latest.current.onSaved?.(changes, typed);
    });
  });
  useEffect(() => {
    const end = store.onLeaving(() => {
      const unsaved = autosave.unsaved();
      return unsaved === undefined ? [] : latest.current.changesOf(unsaved.typed);
    });
    // Left at once after the last key, the screen is gone and its save is still on its way.
    return () => autosave.whenDone(end);
  }, [store, autosave]);
  return autosave;
}
