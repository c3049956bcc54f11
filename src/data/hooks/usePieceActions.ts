import { useCallback, useMemo } from 'react';
import type { PieceRecord } from '../../core/record/recordSchema';
import { pieces } from '../kinds/kinds';
import { readOne } from '../kinds/readOne';
import { keptPieceOf, pieceCollection } from '../repositories';
import { againIfOvertaken } from './againIfOvertaken';
import { useStore } from './DataProvider';
import { useCommit, useUndoable, type Undo } from './useCommit';

/** What can be done with records of pieces. */
export function usePieceActions() {
  const store = useStore();
  const commit = useCommit();
  const undoable = useUndoable();
  /** Writes what a person says of a piece, over what the bench has written of it meanwhile. */
  const change = useCallback(
    (id: string, to: (before: PieceRecord) => PieceRecord): Promise<void> =>
      againIfOvertaken(async () => {
        const { record } = await readOne(store, pieces, id);
        if (record === undefined) return;
        await commit([pieceCollection.change(keptPieceOf(to(record.piece), record), record)]);
      }),
    [store, commit],
  );
  /** Keeps a new record; its id. */
  const create = useCallback(
    async (piece: PieceRecord): Promise<string> => {
      const record = keptPieceOf(piece);
      await commit([pieceCollection.creation(record)]);
      return record.id;
    },
    [commit],
  );
  /** Keeps several new records at once, with what takes all of them back. */
  const createAll = useCallback(
    (made: readonly PieceRecord[]): Promise<Undo> =>
      undoable(made.map((piece) => pieceCollection.creation(keptPieceOf(piece)))),
    [undoable],
  );
  /** Takes a record away, with what takes that back; undefined where there is none. */
  const remove = useCallback(
    async (id: string): Promise<Undo | undefined> => {
      const { record } = await readOne(store, pieces, id);
      return record && undoable([pieceCollection.removal(record)]);
    },
    [store, undoable],
  );
  /** Records read whole with their entries, in the same order; what cannot be read is left out. */
  const readEach = useCallback(
    async <E extends { readonly id: string }>(
      entries: readonly E[],
    ): Promise<readonly { readonly entry: E; readonly piece: PieceRecord }[]> => {
      const keys = entries.map(({ id }) => pieceCollection.key(id));
      const { records } = pieceCollection.readAll(await store.contents(keys));
      const found = new Map(records.map(({ id, piece }) => [id, piece]));
      return entries.flatMap((entry) => {
        const piece = found.get(entry.id);
        return piece === undefined ? [] : [{ entry, piece }];
      });
    },
    [store],
  );
  return useMemo(
    () => ({ change, create, createAll, remove, readEach }),
    [change, create, createAll, remove, readEach],
  );
}
