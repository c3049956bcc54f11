import { useQuery, useQueryClient } from '@tanstack/react-query';
import { readSavedHere, writeSavedHere } from '../../../data/copies/browserCopies';
import { unsavedOf, type Saved, type Unsaved } from '../../../data/copies/nudge';
import { useStore } from '../../../data/hooks/DataProvider';
import { useNow } from '../../../ui/useNow';
import type { RecordStore } from '../../../data/store/recordStore';

const msPerMin = 60_000;
export const savedKey = ['saved-file'] as const;

/** Notes that everything is in a file now. */
export const noteSaved = async (store: RecordStore): Promise<void> =>
  writeSavedHere({ at: Date.now(), writes: (await store.device()).writes });

/** What no file holds yet, and what a person does about it. */
export function useSaved(): {
  /** Undefined until it is read. */
  readonly saved: Saved | undefined;
  readonly unsaved: Unsaved | undefined;
  /** Everything was saved as a file just now. */
  readonly wasSaved: () => Promise<void>;
  readonly putOff: () => Promise<void>;
} {
  const store = useStore();
  const client = useQueryClient();
  const now = useNow();
  const { data } = useQuery({
    queryKey: savedKey,
    queryFn: async () => ({ saved: await readSavedHere(), writes: (await store.device()).writes }),
    staleTime: 0,
  });
  const look = (): Promise<void> => client.invalidateQueries({ queryKey: savedKey });
  return {
    saved: data?.saved,
    unsaved: data && unsavedOf(data.saved, data.writes, now * msPerMin),
    async wasSaved() {
      await noteSaved(store);
      await look();
    },
    async putOff() {
      await writeSavedHere({ ...(await readSavedHere()), putOffAt: Date.now() });
      await look();
    },
  };
}
