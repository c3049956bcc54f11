import { createContext, useContext } from 'react';
import type { NotOpened } from '../store/openStore';

/** Whether what is made here goes to the storage of this browser. */
export interface StorageState {
  /** Why it does not: everything is in memory then. */
  readonly because: NotOpened | undefined;
  /** Asks the storage once more; what was made in memory is carried over. False where it still does not answer. */
  readonly tryAgain: () => Promise<boolean>;
}

export const StorageContext = createContext<StorageState>({
  because: undefined,
  tryAgain: async () => true,
});

export const useStorageState = (): StorageState => useContext(StorageContext);
