import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { salvagedSettings, settingsPatch, settingsRecordOf } from '../records/patchedSettings';
import type { UnreadableRecord } from '../records/readRecords';
import { asideCollection, asideRecordOf } from '../repositories';
import type { Change, Write } from '../store/changes';
import { StaleWriteError } from '../store/staleWriteError';
import { useStore } from './DataProvider';
import { useReadSettings, useResins } from './queries';
import { useStorageState } from './storageState';
import { useCommit } from './useCommit';

/** The demo is fetched when it is wanted. */
const beginning = async (): Promise<readonly Change[]> =>
  (await import('../demo/beginDemo')).beginDemo();

const wantsEmpty = (): boolean =>
  new URLSearchParams(globalThis.location?.search ?? '').get('start') === 'empty';

/** Settings that cannot be read are set aside as they are; what can be read of them stays. */
const mended = ({ key, text, reason }: UnreadableRecord): readonly Write[] => [
  asideCollection.creation(asideRecordOf({ key, text, reason })),
  { key, record: settingsRecordOf(salvagedSettings(text)), replaces: { text } },
];

/** How far a start has come. */
export type Start = 'reading' | 'ready' | 'unreadable';

/** Another window was first: what it wrote is read. */
export const asOfOthers =
  (client: QueryClient) =>
  (error: unknown): void => {
    if (!(error instanceof StaleWriteError)) throw error;
    void client.invalidateQueries();
  };

/**
 * Reads what the first figure needs: settings and cards. At the very first start it fills the shelf: with the demo's, or nothing
 * when the address says `?start=empty`. A first start is one at which the storage was read and holds nothing at all. Settings
 * that cannot be read are set aside; nothing else is touched.
 */
export function useFirstStart(): {
  readonly start: Start;
  /** Settings could not be read at this start and were set aside. */
  readonly setAside: boolean;
  readonly tryAgain: () => void;
} {
  const settings = useReadSettings();
  const resins = useResins();
  const store = useStore();
  const client = useQueryClient();
  const commit = useCommit();
  const { because } = useStorageState();
  // A person whose data does not come just now is no newcomer.
  const startsEmpty = because !== undefined || wantsEmpty();
  const begun = useRef(false);
  const [setAside, setSetAside] = useState(false);
  const isRead = settings.data !== undefined && resins.data !== undefined;
  const isSet = (settings.data?.records.length ?? 0) > 0;
  const unreadable = settings.data?.unreadable;
  useEffect(() => {
    if (!isRead || begun.current) return;
    begun.current = true;
    const first = async (): Promise<void> => {
      if (isSet) return;
      const [damaged] = unreadable ?? [];
      // Kinds of record that this version does not know count too.
      const isEmpty = (await store.keys('')).length === 0;
      if (damaged !== undefined) {
        await commit(mended(damaged));
        setSetAside(true);
      } else if (isEmpty && !startsEmpty) await commit(await beginning());
      else await commit([settingsPatch({})]);
    };
    first().catch(asOfOthers(client));
  }, [isRead, isSet, unreadable, startsEmpty, store, client, commit]);
  const hasFailed = settings.isError || resins.isError;
  return {
    start: isRead && isSet ? 'ready' : hasFailed ? 'unreadable' : 'reading',
    setAside,
    tryAgain: () => void client.invalidateQueries(),
  };
}
