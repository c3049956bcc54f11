import type { ReactNode } from 'react';
import { DataProvider } from '../../data/hooks/DataProvider';
import { browserStore } from '../../data/store/browserStore';
import { calibrateCards } from '../../workers/calibrateCards';

/** What the person keeps on this device, for everything below; cards are calibrated in a thread of their own. */
export function KeptData({ children }: { readonly children: ReactNode }) {
  return (
    <DataProvider store={browserStore} calibrate={calibrateCards}>
      {children}
    </DataProvider>
  );
}
