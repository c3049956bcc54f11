import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import {
  allowKeptFile,
  canKeepFile,
  chooseKeptFile,
  forgetKeptFile,
  keptFile,
  writeKeptFile,
  type KeptFile,
} from '../../../data/copies/keptFile';
import { useStore } from '../../../data/hooks/DataProvider';
import type { RecordStore } from '../../../data/store/recordStore';
import { keptIn } from '../../../data/workshop/keptIn';
import { packWorkshop } from '../../../workers/workshopThread';
import { noteSaved, savedKey } from './useSaved';

/** The file is written once nothing was changed for so long, ms. */
const restMs = 15_000;

interface FileState {
  readonly file: KeptFile | undefined;
  /** Why it could not be written the last time. */
  readonly mishap: string | undefined;
}

const stateKey = ['kept-file'] as const;
const nothing: FileState = { file: undefined, mishap: undefined };

/** Writes the file in one window of all that are open. */
async function write(store: RecordStore): Promise<void> {
  const work = async (): Promise<void> =>
    writeKeptFile(await packWorkshop(await keptIn(store), new Date().toISOString()));
  await ('locks' in navigator ? navigator.locks.request('nipperkin-file', work) : work());
}

/** Writes the file and tells everywhere how that went. */
async function writeAndTell(store: RecordStore, client: QueryClient): Promise<void> {
  try {
    const { writes } = await store.device();
    await write(store);
    await noteSaved(writes);
    await client.invalidateQueries({ queryKey: savedKey });
    await client.invalidateQueries({ queryKey: stateKey });
  } catch (error) {
    client.setQueryData<FileState>(stateKey, {
      file: await keptFile(),
      mishap: error instanceof Error ? error.message : String(error),
    });
  }
}

const useFileState = (): FileState =>
  useQuery({
    queryKey: stateKey,
    queryFn: async (): Promise<FileState> => ({ file: await keptFile(), mishap: undefined }),
  }).data ?? nothing;

/** The one file that is kept up to date. */
export function useKeptFile() {
  const store = useStore();
  const client = useQueryClient();
  const state = useFileState();
  const look = (): Promise<void> => client.invalidateQueries({ queryKey: stateKey });
  const writeNow = (): Promise<void> => writeAndTell(store, client);
  return {
    ...state,
    canKeep: canKeepFile(),
    async choose(name: string): Promise<void> {
      if (await chooseKeptFile(name)) await writeNow();
    },
    async allow(): Promise<void> {
      if (await allowKeptFile()) await writeNow();
      else await look();
    },
    async forget(): Promise<void> {
      await forgetKeptFile();
      await look();
    },
  };
}

/** Keeps the file up to date while the app is open: a while after the last change. */
export function useKeepFile(): void {
  const store = useStore();
  const client = useQueryClient();
  const isKept = useFileState().file?.isAllowed === true;
  useEffect(() => {
    if (!isKept) return undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const later = (): void => {
      if (store.saveState().state !== 'saved') return;
      clearTimeout(timer);
      timer = setTimeout(() => void writeAndTell(store, client), restMs);
    };
    const end = store.onSaveState(later);
    const endForeign = store.onForeignChange(later);
    return () => {
      clearTimeout(timer);
      end();
      endForeign();
    };
  }, [isKept, store, client]);
}
