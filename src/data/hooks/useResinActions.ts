import type { Resin } from '../../core/resin/resinSchema';
import type { ResinRecord } from '../records/resinRecord';
import { resinChange, resinKey, resinRecordOf } from '../repositories';
import { useCommit } from './useCommit';

/** What can be done with a card on the shelf. */
export function useResinActions() {
  const commit = useCommit();
  return {
    /**
     * Keeps a card, new or changed.
     * Rejects with StaleWriteError where the card was changed in another tab since `before` was read.
     */
    async save(resin: Resin, before?: ResinRecord): Promise<ResinRecord> {
      const record = resinRecordOf(resin, before);
      await commit([resinChange(record, before?.revision)]);
      return record;
    },
    /** Takes a card away; the function it gives puts it back. */
    async remove(record: ResinRecord): Promise<() => Promise<void>> {
      await commit([{ key: resinKey(record.id), record: null }]);
      return async () => void (await commit([resinChange(record)]));
    },
    async duplicate({ resin }: ResinRecord): Promise<ResinRecord> {
      const copy = resinRecordOf({ ...resin, name: `${resin.name} (copy)` });
      await commit([resinChange(copy)]);
      return copy;
    },
  };
}
