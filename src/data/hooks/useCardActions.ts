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
}

function useCardActions<C extends { readonly name: string }, R extends StoredRecord>(
  kept: Collection<R>,
  recordOf: (card: C, before?: R) => R,
): CardActions<C, R> {
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
  };
}

/** What can be done with a resin on the shelf. */
export const useResinActions = (): CardActions<Resin, ResinRecord> =>
  useCardActions(resinCollection, resinRecordOf);

/** What can be done with a mould of the library. */
export const useMouldActions = (): CardActions<Mould, MouldRecord> =>
  useCardActions(mouldCollection, mouldRecordOf);
