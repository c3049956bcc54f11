import { useQuery, useQueryClient } from '@tanstack/react-query';
import { readSavedHere, writeSavedHere } from '../../../data/copies/browserCopies';
import { unsavedOf, type Unsaved } from '../../../data/copies/nudge';
import { useStore } from '../../../data/hooks/DataProvider';

export const savedKey = ['saved-file'] as const;

/**
 * Notes that everything is in a file.
 * @param writes how often the device had written before it was read for that: what came later is not in the file
 */
export const noteSaved = (writes: number): Promise<void> =>
  writeSavedHere({ at: Date.now(), writes });

/** What no file holds yet, and what a person does about it. */
export function useSaved(): {
  /** Undefined until it is read. */
  readonly unsaved: Unsaved | undefined;
  /** Everything was saved as a file, as it was after so many writes of this device. */
  readonly wasSaved: (writes: number) => Promise<void>;
  readonly putOff: () => Promise<void>;
} {
  const store = useStore();
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: savedKey,
    queryFn: async () =>
      unsavedOf(await readSavedHere(), (await store.device()).writes, Date.now()),
    staleTime: 0,
  });
  const look = (): Promise<void> => client.invalidateQueries({ queryKey: savedKey });
  return {
    unsaved: data,
    async wasSaved(writes) {
      await noteSaved(writes);
      await look();
    },
    async putOff() {
      await writeSavedHere({ ...(await readSavedHere()), putOffAt: Date.now() });
      await look();
    },
  };
}
