import { longestCardName, nameWith } from '../../core/schema/nameWith';
import type { Mould } from '../../core/measure/mould/mouldSchema';
import type { Resin } from '../../core/resin/resinSchema';
import type { Collection } from '../collection';
import type { MouldRecord } from '../records/mouldRecord';
import { calibratedRecords, type CardToKeep } from '../calibrating';
import type { ResinRecord } from '../records/resinRecord';
import { mouldCollection, mouldRecordOf, resinCollection } from '../repositories';
import type { Write } from '../store/changes';
import type { StoredRecord } from '../store/versions';
import { useCalibrator } from './DataProvider';
import { useCommit, useUndoable, type Undo } from './useCommit';

export interface CardActions<C, R> {
  /**
   * Keeps a card, new or changed; what else is written goes with it, or not at all.
   * Rejects with StaleWriteError where the card was changed in another window since `before` was read.
   */
  readonly save: (card: C, before?: R, also?: readonly Write[]) => Promise<R>;
  /** Puts a card back under its id that was deleted in another window; `gone` is what was last seen of it. */
  readonly bringBack: (
    card: C,
    id: string,
    gone: R | undefined,
    also?: readonly Write[],
  ) => Promise<R>;
  readonly remove: (record: R) => Promise<Undo>;
  readonly duplicate: (card: C) => Promise<R>;
  /**
   * Keeps several changed cards at once, each over the record it was read from.
   * Rejects with StaleWriteError where one of them was changed in another window meanwhile.
   */
  readonly saveAll: (cards: readonly C[], before: readonly R[]) => Promise<Undo>;
  /** Keeps several new cards at once. */
  readonly addAll: (cards: readonly C[]) => Promise<Undo>;
}

function useCardActions<
  C extends { readonly id?: string | undefined; readonly name: string },
  R extends StoredRecord,
>(
  kept: Collection<R>,
  recordsOf: (toKeep: readonly CardToKeep<C, R>[]) => Promise<readonly R[]>,
): CardActions<C, R> {
  const commit = useCommit();
  const undoable = useUndoable();
  const recordOf = async (card: C, before?: R, id?: string): Promise<R> =>
    (await recordsOf([{ card, before, id }]))[0]!;
  const writeOf = (record: R, before: R | undefined): Write =>
    before === undefined ? kept.creation(record) : kept.change(record, before);
  return {
    async save(card, before, also = []) {
      const record = await recordOf(card, before);
      await commit([writeOf(record, before), ...also]);
      return record;
    },
    async bringBack(card, id, gone, also = []) {
      const record = await recordOf(card, gone, id);
      await commit([kept.creation(record), ...also]);
      return record;
    },
    remove: (record) => undoable([kept.removal(record)]),
    async duplicate(card) {
      const copy = await recordOf({
        ...card,
        name: nameWith(card.name, ' (copy)', longestCardName),
      });
      await commit([kept.creation(copy)]);
      return copy;
    },
    async saveAll(cards, before) {
      const toKeep = cards.map((card) => ({
        card,
        before: before.find(({ id }) => id === card.id),
      }));
      const records = await recordsOf(toKeep);
      return undoable(records.map((record, at) => writeOf(record, toKeep[at]!.before)));
    },
    async addAll(cards) {
      const records = await recordsOf(cards.map((card) => ({ card, before: undefined })));
      return undoable(records.map((record) => kept.creation(record)));
    },
  };
}

/** What can be done with a resin on the shelf; its label is calibrated as it is kept. */
export function useResinActions(): CardActions<Resin, ResinRecord> {
  const calibrate = useCalibrator();
  return useCardActions(resinCollection, (toKeep) => calibratedRecords(toKeep, calibrate));
}

/** What can be done with a mould of the library. */
export const useMouldActions = (): CardActions<Mould, MouldRecord> =>
  useCardActions(mouldCollection, async (toKeep) =>
    toKeep.map(({ card, before, id }) => mouldRecordOf(card, before, id)),
  );
