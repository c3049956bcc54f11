import type { JobDraft } from '../draft/jobDraft';
import { photoRecords, type PhotoRecord } from '../records/photoRecord';
import { settingsPatch } from '../records/patchedSettings';
import { nextVersion } from '../records/stored';
import {
  jobCollection,
  jobRecordOf,
  mouldCollection,
  mouldRecordOf,
  photoCollection,
} from '../repositories';
import { isRecord, type Change, type Write } from '../store/changes';
import { shippedVector } from '../store/vector';
import { demoCuringWrites } from './demoCuring';
import { demoDaysWrites } from './demoDays';
import { demoJobs, demoPhoto } from './demoJobs';
import { demoMoulds } from './demoMoulds';
import { demoRecordWrites } from './demoRecords';

/** The jobs of the demo and its moulds, with the photo that one of them is traced on. */
function demoWorkWrites(): readonly Write[] {
  const start = Date.now();
  const jobs = demoJobs.map(({ id, ...job }, index) => {
    const record = jobRecordOf(job as unknown as JobDraft);
    // One second apart, so that the list keeps the order of the demo.
    const at = new Date(start - index * 1000).toISOString();
    return jobCollection.creation({ ...record, id, createdAt: at, updatedAt: at });
  });
  const moulds = demoMoulds.map((mould) => {
    const record = mouldRecordOf(mould);
    return mouldCollection.creation({ ...record, id: mould.id, mould });
  });
  const photo = photoCollection.creation({
    ...demoPhoto,
    schema: photoRecords.version,
    ...nextVersion(),
  } as PhotoRecord);
  return [
    ...jobs,
    ...moulds,
    photo,
    ...demoDaysWrites(new Date(start)),
    ...demoCuringWrites(new Date(start).setHours(-24 + 17, 30, 0, 0)),
    ...demoRecordWrites(start),
  ];
}

/** What of the demo is written, as what ships: untouched, it is the same on every device. */
const asShipped = (writes: readonly Write[]): readonly Write[] =>
  writes.map((write) =>
    isRecord(write.record)
      ? { ...write, record: { ...write.record, vector: shippedVector } }
      : write,
  );

/** All records of the demo, in one change. */
export async function demoWrites(): Promise<readonly Write[]> {
  // Its cards come by themselves, because they are there with the first figure.
  const { demoCardWrites } = await import('./beginDemo');
  return asShipped([...demoWorkWrites(), ...demoCardWrites()]);
}

/**
 * What `beginDemo` left to come.
 * @param there which of these keys something stands under already: it is the person's, whatever it is, and stays
 */
export async function finishDemo(
  there: (keys: readonly string[]) => Promise<ReadonlyMap<string, string>>,
): Promise<readonly Change[]> {
  const writes = asShipped(demoWorkWrites());
  const taken = await there(writes.map(({ key }) => key));
  return [
    ...writes.filter(({ key }) => !taken.has(key)),
    settingsPatch({ set: { demoToCome: false, dated: true } }),
  ];
}
