import { chooseJsonFile } from '../files/chooseTextFile';
import { addingWrites, compare, replacingWrites, type Comparison } from '../files/comparison';
import { readEverything } from '../files/everything';
import { useStore } from './DataProvider';
import { useUndoable, type Undo } from './useCommit';

/** A file of everything, brought in again. */
export function useEverything() {
  const store = useStore();
  const undoable = useUndoable(true);
  return {
    /**
     * Lets the person choose a file and says what it would do; undefined where they think better of it.
     * Rejects with InputError for the first thing that is wrong.
     */
    async choose(): Promise<Comparison | undefined> {
      const text = await chooseJsonFile();
      return text === undefined ? undefined : compare(readEverything(text), await store.read(''));
    },
    /** Takes what is new and newer. Rejects with StaleWriteError where something was changed meanwhile. */
    add: (comparison: Comparison): Promise<Undo> => undoable(addingWrites(comparison)),
    /** Puts the file in the place of everything. Rejects with StaleWriteError where something was changed meanwhile. */
    replace: (comparison: Comparison): Promise<Undo> => undoable(replacingWrites(comparison)),
  };
}
