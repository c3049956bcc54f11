import { useQueries, useQuery } from '@tanstack/react-query';
import { useMemo, useSyncExternalStore } from 'react';
import type { Shelf } from '../../core/plan/planTypes';
import { keptIn } from '../calibrating';
import type { AnyKind, Kind } from '../kinds/kind';
import * as kept from '../kinds/kinds';
import type { ReadRecords } from '../records/readRecords';
import type { SaveState } from '../store/recordStore';
import type { StoredRecord } from '../store/versions';
import { useStore } from './DataProvider';

/** Everything of one kind. */
export function useKind<T extends StoredRecord>({ queryKey, collection }: Kind<T>) {
  const store = useStore();
  return useQuery({ queryKey, queryFn: () => collection.read(store) });
}

/** All jobs, the one changed last on top. */
export const useJobs = () => useKind(kept.jobs);
/** All resin cards by name. */
export const useResins = () => useKind(kept.resins);
/** All moulds of the library by name. */
export const useMoulds = () => useKind(kept.moulds);
/** What could not be read and had to make room. */
export const useAside = () => useKind(kept.aside);
/** What was typed and is not saved as what it is of, the latest first. */
export const useDrafts = () => useKind(kept.drafts);
/** Settings as they were read, what cannot be read among them. */
export const useReadSettings = () => useKind(kept.settings);

/** What the person has set, or null before the first start. */
export function useSettings() {
  const store = useStore();
  const { queryKey, collection } = kept.settings;
  return useQuery({
    queryKey,
    queryFn: () => collection.read(store),
    select: ({ records }) => records[0] ?? null,
  });
}

/** Every kind with what was read of it, for what treats all alike. */
export function useAllKept(kinds: readonly AnyKind[] = kept.kindsAtStart): readonly {
  readonly kind: AnyKind;
  readonly read: ReadRecords<StoredRecord> | undefined;
  /** It could not be read at all. */
  readonly failed: boolean;
}[] {
  const store = useStore();
  return useQueries({
    queries: kinds.map(({ queryKey, collection }) => ({
      queryKey: [...queryKey],
      queryFn: () => collection.read(store) as Promise<ReadRecords<StoredRecord>>,
    })),
    combine: (results) =>
      results.map(({ data, isError }, index) => ({
        kind: kinds[index]!,
        read: data,
        failed: isError,
      })),
  });
}

/** The shelf as `planJob` takes it. */
export function useShelf(): Shelf {
  const { data: resins } = useResins();
  const { data: moulds } = useMoulds();
  return useMemo(
    () => ({
      resins: (resins?.records ?? []).map(({ resin }) => resin),
      moulds: (moulds?.records ?? []).map(({ mould }) => mould),
      calibrations: keptIn(resins?.records ?? []),
    }),
    [resins, moulds],
  );
}

export function useSaveState(): SaveState {
  const store = useStore();
  return useSyncExternalStore(store.onSaveState, store.saveState);
}
