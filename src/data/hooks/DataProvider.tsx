import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { Calibrator } from '../calibrating';
import type { RecordStore } from '../store/recordStore';
import { showForeign } from './shownAfter';

const StoreContext = createContext<RecordStore | null>(null);
const CalibratorContext = createContext<Calibrator | null>(null);

/** The store that everything below reads and writes. */
export function useStore(): RecordStore {
  const store = useContext(StoreContext);
  if (store === null) throw new Error('useStore outside of DataProvider');
  return store;
}

/** What calibrates cards as they are kept. */
export function useCalibrator(): Calibrator {
  const calibrate = useContext(CalibratorContext);
  if (calibrate === null) throw new Error('useCalibrator outside of DataProvider');
  return calibrate;
}

/** Data lives on the device: nothing goes stale by itself, nothing waits for a network. */
function newQueryClient(): QueryClient {
  const onDevice = { networkMode: 'always', retry: false } as const;
  return new QueryClient({
    defaultOptions: {
      queries: { ...onDevice, staleTime: Infinity, gcTime: Infinity, refetchOnWindowFocus: false },
      mutations: onDevice,
    },
  });
}

/** Gives the store and its queries to everything below, and reads anew what other tabs write. */
export function DataProvider({
  store,
  calibrate,
  children,
}: {
  readonly store: RecordStore;
  readonly calibrate: Calibrator;
  readonly children: ReactNode;
}) {
  const [client] = useState(newQueryClient);
  useEffect(
    () =>
      store.onForeignChange((keys) => {
        // What cannot be read just now is asked for again, and tells so.
        showForeign(client, store, keys).catch(() => client.invalidateQueries());
      }),
    [store, client],
  );
  return (
    <StoreContext.Provider value={store}>
      <CalibratorContext.Provider value={calibrate}>
        <QueryClientProvider client={client}>{children}</QueryClientProvider>
      </CalibratorContext.Provider>
    </StoreContext.Provider>
  );
}
