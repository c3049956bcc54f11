import { useQuery, useQueryClient } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import type { ReducedPhoto } from '../files/reducePhoto';
import { photoRecords, type PhotoRecord } from '../records/photoRecord';
import { readRecords } from '../records/readRecords';
import { nextVersion } from '../records/stored';
import { photos } from '../kinds/kinds';
import { photoCollection } from '../repositories';
import type { RecordStore } from '../store/recordStore';
import { useStore } from './DataProvider';
import { useCommit } from './useCommit';

/** One photo of this device; null where there is none of that id any more. */
export async function readPhoto(store: RecordStore, id: string): Promise<PhotoRecord | null> {
  const key = photoCollection.key(id);
  const text = (await store.read(key)).get(key);
  if (text === undefined) return null;
  return readRecords(photoRecords, new Map([[key, text]])).records[0] ?? null;
}

/** A photo that is kept on this device; null where there is none of that id any more. */
export function usePhoto(id: string | undefined) {
  const store = useStore();
  return useQuery({
    queryKey: [...photos.queryKey, id ?? ''],
    queryFn: () => (id === undefined ? null : readPhoto(store, id)),
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
    client.setQueryData([...photos.queryKey, record.id], record);
    return record.id;
  };
}
