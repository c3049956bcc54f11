import { useQueries } from '@tanstack/react-query';
import { useMemo } from 'react';
import { isMeasured } from '../../core/learn/pourFit';
import { shopPaces, type FittedPour, type ShopPace } from '../../core/learn/shopPace';
import type { PieceEntry } from '../../data/records/pieceEntry';
import { usePiecesRead } from '../../data/hooks/usePiecesRead';
import { askFit } from '../../workers/fitPours';

/** What measured pours say, and how many of them are worked out. */
export interface ShopPaces {
  readonly paces: readonly ShopPace[];
  readonly fitted: number;
  readonly measured: number;
}

/**
 * How fast resins cure in one's own shop, from the records that were measured: each is fitted once.
 * @param entries records to look through; undefined while they are read
 * @param resin only this one, by name
 * @returns undefined while records are read
 */
export function useShopPaces(
  entries: readonly PieceEntry[] | undefined,
  resin?: string,
): ShopPaces | undefined {
  const wanted = useMemo(
    () => entries?.filter(({ resins }) => resin === undefined || resins.includes(resin)),
    [entries, resin],
  );
  const read = usePiecesRead(wanted);
  const measured = useMemo(
    () =>
      read?.flatMap(({ entry, piece }) =>
        piece.pours.flatMap((pour, at) =>
          (resin === undefined || pour.resin === resin) && isMeasured(pour)
            ? [{ key: [entry.id, entry.revision, entry.stamp, at], pour }]
            : [],
        ),
      ),
    [read, resin],
  );
  const fits = useQueries({
    queries: (measured ?? []).map(({ key, pour }) => ({
      queryKey: ['fit', ...key],
      queryFn: async () => (await askFit(pour)) ?? null,
      staleTime: Infinity,
      gcTime: 30 * 60_000,
      retry: false,
    })),
    // What failed is not read yet: `FailedWork` offers to try again.
    combine: (results) => results.map(({ data }) => data),
  });
  return useMemo(() => {
    if (measured === undefined) return undefined;
    const fitted = measured.flatMap(({ pour }, at): readonly FittedPour[] => {
      const fit = fits[at];
      return fit === undefined || fit === null ? [] : [{ pour, fit }];
    });
    return {
      paces: shopPaces(fitted),
      fitted: fits.filter((fit) => fit !== undefined).length,
      measured: measured.length,
    };
  }, [measured, fits]);
}
