import type { Mould } from '../../core/measure/mould/mouldSchema';
import type { Resin } from '../../core/resin/resinSchema';
import type { Collection } from '../collection';
import type { MouldRecord } from '../records/mouldRecord';
import { calibratedRecords, type CardToKeep } from '../calibrating';
import type { ResinRecord } from '../records/resinRecord';
import { mouldCollection, mouldRecordOf, resinCollection } from '../repositories';
import type { StoredRecord } from '../store/recordStore';
import { useCalibrator } from './DataProvider';
import { useCommit } from './useCommit';

interface CardActions<C, R> {
  /**
   * Keeps a card, new or changed.
   * Rejects with StaleWriteError where the card was changed in another tab since `before` was read.
   */
  readonly save: (card: C, before?: R) => Promise<R>;
  /** Takes a card away; the function it gives puts it back. */
  readonly remove: (record: R) => Promise<() => Promise<void>>;
  readonly duplicate: (card: C) => Promise<R>;
  /**
   * Keeps several changed cards at once, each over the record it was read from; the function it gives undoes it.
   * Rejects with StaleWriteError where one of them was changed in another tab meanwhile.
   */
  readonly saveAll: (cards: readonly C[], before: readonly R[]) => Promise<() => Promise<void>>;
  /** Keeps several new cards at once; the function it gives takes them away again. */
  readonly addAll: (cards: readonly C[]) => Promise<() => Promise<void>>;
}

function useCardActions<
  C extends { readonly id?: string | undefined; readonly name: string },
  R extends StoredRecord,
>(
  kept: Collection<R>,
  recordsOf: (toKeep: readonly CardToKeep<C, R>[]) => Promise<readonly R[]>,
): CardActions<C, R> {
  const commit = useCommit();
  const recordOf = async (card: C, before?: R): Promise<R> =>
    (await recordsOf([{ card, before }]))[0]!;
  return {
    async save(card, before) {
      const record = await recordOf(card, before);
      await commit([kept.change(record, before?.revision)]);
      return record;
    },
    async remove(record) {
      await commit([kept.removal(record.id)]);
      return async () => void (await commit([kept.change(record)]));
    },
    async duplicate(card) {
      const copy = await recordOf({ ...card, name: `${card.name} (copy)` });
      await commit([kept.change(copy)]);
      return copy;
    },
    async saveAll(cards, before) {
      const toKeep = cards.map((card) => ({
        card,
        before: before.find(({ id }) => id === card.id),
      }));
      const records = await recordsOf(toKeep);
      const pairs = records.map((record, at) => ({ record, read: toKeep[at]!.before }));
      await commit(pairs.map(({ record, read }) => kept.change(record, read?.revision)));
      return async () =>
        void (await commit(
          pairs.map(({ record, read }) =>
            read === undefined
              ? kept.removal(record.id)
              : kept.change({ ...read, revision: record.revision + 1 }),
          ),
        ));
    },
    async addAll(cards) {
      const records = await recordsOf(cards.map((card) => ({ card, before: undefined })));
      await commit(records.map((record) => kept.change(record)));
      return async () => void (await commit(records.map(({ id }) => kept.removal(id))));
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
    toKeep.map(({ card, before }) => mouldRecordOf(card, before)),
  );
