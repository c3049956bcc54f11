import type { Mould } from '../../core/measure/mould/mouldSchema';
import type { Resin } from '../../core/resin/resinSchema';
import type { Collection } from '../collection';
import type { MouldRecord } from '../records/mouldRecord';
import type { ResinRecord } from '../records/resinRecord';
import { mouldCollection, mouldRecordOf, resinCollection, resinRecordOf } from '../repositories';
import type { StoredRecord } from '../store/recordStore';
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
>(kept: Collection<R>, recordOf: (card: C, before?: R) => R): CardActions<C, R> {
  const commit = useCommit();
  return {
    async save(card, before) {
      const record = recordOf(card, before);
      await commit([kept.change(record, before?.revision)]);
      return record;
    },
    async remove(record) {
      await commit([kept.removal(record.id)]);
      return async () => void (await commit([kept.change(record)]));
    },
    async duplicate(card) {
      const copy = recordOf({ ...card, name: `${card.name} (copy)` });
      await commit([kept.change(copy)]);
      return copy;
    },
    async saveAll(cards, before) {
      const pairs = cards.map((card) => {
        const read = before.find(({ id }) => id === card.id);
        return { record: recordOf(card, read), read };
      });
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
      const records = cards.map((card) => recordOf(card));
      await commit(records.map((record) => kept.change(record)));
      return async () => void (await commit(records.map(({ id }) => kept.removal(id))));
    },
  };
}

/** What can be done with a resin on the shelf. */
export const useResinActions = (): CardActions<Resin, ResinRecord> =>
  useCardActions(resinCollection, resinRecordOf);

/** What can be done with a mould of the library. */
export const useMouldActions = (): CardActions<Mould, MouldRecord> =>
  useCardActions(mouldCollection, mouldRecordOf);
