import type { Held } from '../workshop/heldAgainst';
import type { Kept } from '../workshop/kept';
import { mergingWrites, replacingWrites, type Choices } from '../workshop/taking';
import { useUndoable, type Undo } from './useCommit';

/**
 * Brings in a file of everything that was held against what was kept then. Each rejects with StaleWriteError where something was
 * changed meanwhile, and gives back what takes it back as a whole.
 */
export function useTakeWorkshop() {
  // What comes from elsewhere was not read by this version: it is read as it is stored.
  const undoable = useUndoable(true);
  return {
    merge: ({ standings, file }: Held, here: Kept, choices: Choices): Promise<Undo> =>
      undoable(mergingWrites(standings, file, here, choices)),
    replace: ({ standings, file }: Held, here: Kept): Promise<Undo> =>
      undoable(replacingWrites(standings, file, here)),
  };
}
