import { useQuery } from '@tanstack/react-query';
import { useMemo, useSyncExternalStore } from 'react';
import type { Shelf } from '../../core/plan/planTypes';
import { keptIn } from '../calibrating';
import {
  jobCollection,
  mouldCollection,
  resinCollection,
  settingsCollection,
} from '../repositories';
import type { SaveState } from '../store/recordStore';
import { useStore } from './DataProvider';
import { queryKeys } from './keys';

/** All jobs, the one changed last on top. */
export function useJobs() {
  const store = useStore();
  return useQuery({ queryKey: queryKeys.jobs, queryFn: () => jobCollection.read(store) });
}

/** All resin cards by name. */
export function useResins() {
  const store = useStore();
  return useQuery({ queryKey: queryKeys.resins, queryFn: () => resinCollection.read(store) });
}

/** All moulds of the library by name. */
export function useMoulds() {
  const store = useStore();
  return useQuery({ queryKey: queryKeys.moulds, queryFn: () => mouldCollection.read(store) });
}

/** What the person has set, or null before the first start. */
export function useSettings() {
  const store = useStore();
  return useQuery({
    queryKey: queryKeys.settings,
    queryFn: () => settingsCollection.read(store),
    select: ({ records }) => records[0] ?? null,
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
