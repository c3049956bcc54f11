import { useQuery } from '@tanstack/react-query';
import type { PieceRecord } from '../../core/record/recordSchema';
import type { PieceEntry } from '../records/pieceEntry';
import { usePieceActions } from './usePieceActions';

/** A record read whole, with what it is known by. */
export interface ReadPiece {
  readonly entry: PieceEntry;
  readonly piece: PieceRecord;
}

/**
 * Records read whole: for what is asked of all of them together.
 * @param entries undefined: nothing is read
 */
export function usePiecesRead(
  entries: readonly PieceEntry[] | undefined,
): readonly ReadPiece[] | undefined {
  const { readEach } = usePieceActions();
  return useQuery({
    queryKey: ['pieces-read', entries?.map(({ id, revision, stamp }) => [id, revision, stamp])],
    queryFn: () => readEach(entries!),
    enabled: entries !== undefined,
    staleTime: Infinity,
    gcTime: 30_000,
    structuralSharing: false,
  }).data;
}
