import { useQuery } from '@tanstack/react-query';
import { photoCollection } from '../repositories';
import { useStore } from './DataProvider';

/** What is kept takes so much of what the browser gives. */
interface StorageUse {
  /** Bytes; undefined where the browser does not say. */
  readonly usage: number | undefined;
  readonly quota: number | undefined;
  readonly photos: number;
}

/** What some browsers tell besides. */
interface Estimate extends StorageEstimate {
  readonly usageDetails?: { readonly indexedDB?: number };
}

/** Asked anew each time that somebody looks. */
export function useStorageUse(): StorageUse | undefined {
  const store = useStore();
  const { data } = useQuery({
    queryKey: ['storage-use'],
    queryFn: async (): Promise<StorageUse> => {
      const photos = (await store.keys(photoCollection.prefix)).length;
      const storage = globalThis.navigator?.storage as StorageManager | undefined;
      if (typeof storage?.estimate !== 'function') {
        return { usage: undefined, quota: undefined, photos };
      }
      const { usage, quota, usageDetails }: Estimate = await storage.estimate();
      // Where the browser tells them apart, the app itself is not counted: it is no work of a person.
      return { usage: usageDetails?.indexedDB ?? usage, quota, photos };
    },
    staleTime: 0,
  });
  return data;
}
