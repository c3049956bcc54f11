import { useQuery } from '@tanstack/react-query';
import { useMemo, useSyncExternalStore } from 'react';
import type { Shelf } from '../../core/plan/planTypes';
import { readJobs, readResins, readSettings } from '../repositories';
import type { SaveState } from '../store/recordStore';
import { useStore } from './DataProvider';
import { queryKeys } from './keys';

/** All jobs, the one changed last on top. */
export function useJobs() {
  const store = useStore();
  return useQuery({ queryKey: queryKeys.jobs, queryFn: () => readJobs(store) });
}

/** All resin cards by name. */
export function useResins() {
  const store = useStore();
  return useQuery({ queryKey: queryKeys.resins, queryFn: () => readResins(store) });
}

/** What the person has set, or null before the first start. */
export function useSettings() {
  const store = useStore();
  return useQuery({ queryKey: queryKeys.settings, queryFn: () => readSettings(store) });
}

/** The shelf as `planJob` takes it. */
export function useShelf(): Shelf {
  const { data } = useResins();
  return useMemo(() => ({ resins: (data?.records ?? []).map(({ resin }) => resin) }), [data]);
}

export function useSaveState(): SaveState {
  const store = useStore();
  return useSyncExternalStore(store.onSaveState, store.saveState);
}
