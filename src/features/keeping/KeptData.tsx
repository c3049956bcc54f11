import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { DataProvider } from '../../data/hooks/DataProvider';
import { StorageContext, type StorageState } from '../../data/hooks/storageState';
import { browserStore, memoryStore } from '../../data/store/browserStore';
import { carryOver } from '../../data/store/carryOver';
import { openStore, type NotOpened } from '../../data/store/openStore';
import type { RecordStore } from '../../data/store/recordStore';
import { calibrateCards } from '../../workers/calibrateCards';
import { useFlushOnLeaving } from './useFlushOnLeaving';

interface Opened {
  readonly store: RecordStore;
  readonly because: NotOpened | undefined;
}

let opening: Promise<NotOpened | undefined> | undefined;

/** Begins to open this browser's storage: it takes a while, in which the page can be made ready. */
export function beginOpening(): Promise<NotOpened | undefined> {
  opening ??= openStore(browserStore);
  return opening;
}

/**
 * What the person keeps on this device, for everything below; cards are calibrated in a thread of their own. Where the browser's
 * storage does not answer, work goes on in memory, and what was made there is carried over once it does.
 */
export function KeptData({ children }: { readonly children: ReactNode }) {
  const [opened, setOpened] = useState<Opened>();
  useEffect(() => {
    void beginOpening().then((because) =>
      setOpened({ store: because === undefined ? browserStore : memoryStore(), because }),
    );
  }, []);
  useFlushOnLeaving(opened?.store, opened?.because !== undefined);
  const storage = useMemo<StorageState>(
    () => ({
      because: opened?.because,
      async tryAgain() {
        const because = await openStore(browserStore);
        if (because !== undefined || opened === undefined) return false;
        await carryOver(opened.store, browserStore);
        // Everything is stored now: the page begins anew where it is.
        setOpened({ store: browserStore, because });
        window.location.reload();
        return true;
      },
    }),
    [opened],
  );
  if (opened === undefined) return null;
  return (
    <StorageContext value={storage}>
      <DataProvider store={opened.store} calibrate={calibrateCards}>
        {children}
      </DataProvider>
    </StorageContext>
  );
}
