import { pieceByHand, type Hand } from '../../../core/record/byHand';
import type { CardActions } from '../../../data/hooks/useCardActions';
import { useResins } from '../../../data/hooks/queries';
import { useCommit } from '../../../data/hooks/useCommit';
import type { KeptPiece } from '../../../data/records/pieceRecord';
import { keptPieceOf, pieceCollection } from '../../../data/repositories';
import { ownZone } from '../../../ui/useNow';

/** Keeps what is written of a piece by hand. */
export function useHandActions(): Pick<CardActions<Hand, KeptPiece>, 'save' | 'bringBack'> {
  const commit = useCommit();
  const { data: resins } = useResins();
  const pieceOf = (hand: Hand, before: KeptPiece | undefined) =>
    pieceByHand(hand, before?.piece, {
      zone: ownZone(),
      cards: (resins?.records ?? []).map(({ resin }) => resin),
      now: Date.now(),
    });
  return {
    async save(hand, before, also = []) {
      const record = keptPieceOf(pieceOf(hand, before), before);
      await commit([
        before === undefined
          ? pieceCollection.creation(record)
          : pieceCollection.change(record, before),
        ...also,
      ]);
      return record;
    },
    async bringBack(hand, id, gone, also = []) {
      const record = keptPieceOf(pieceOf(hand, gone), gone, id);
      await commit([pieceCollection.creation(record), ...also]);
      return record;
    },
  };
}
