import { useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import type { ReducedPhoto } from '../files/reducePhoto';
import { photoRecords, type PhotoRecord } from '../records/photoRecord';
import { nextVersion } from '../records/stored';
import type { OneRead } from '../collection';
import { photos } from '../kinds/kinds';
import { readOne } from '../kinds/readOne';
import { photoCollection } from '../repositories';
import { useStore } from './DataProvider';
import { useCommit } from './useCommit';

/** A photo that is kept on this device; null where there is none of that id any more. */
export function usePhoto(id: string | undefined) {
  const store = useStore();
  return useQuery({
    queryKey: [...photos.queryKey, id ?? ''],
    queryFn: () => (id === undefined ? {} : readOne(store, photos, id)),
    select: ({ record }: OneRead<PhotoRecord>) => record ?? null,
  });
}

/** Photos that are kept on this device, in their order; what is not there any more is null, what is being read undefined. */
export function usePhotos(ids: readonly string[]) {
  const store = useStore();
  return useQueries({
    queries: ids.map((id) => ({
      queryKey: [...photos.queryKey, id],
      queryFn: () => readOne(store, photos, id),
      select: ({ record }: OneRead<PhotoRecord>) => record ?? null,
    })),
  });
}

/** Keeps a photo and gives its id; it never changes, so that undo can go back to the one before. */
export function useKeepPhoto() {
  const commit = useCommit();
  const client = useQueryClient();
  return async (photo: ReducedPhoto): Promise<string> => {
    const record: PhotoRecord = {
      id: nanoid(),
      schema: photoRecords.version as 1,
      ...nextVersion(),
      addedAt: new Date().toISOString(),
      ...photo,
    };
    await commit([photoCollection.creation(record)]);
    client.setQueryData([...photos.queryKey, record.id], { record });
    return record.id;
  };
}
