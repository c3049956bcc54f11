import { calibratedRecords, type Calibrator } from '../calibrating';
import type { JobDraft } from '../draft/jobDraft';
import { photoRecords, type PhotoRecord } from '../records/photoRecord';
import type { Settings } from '../records/settingsRecord';
import { nextVersion } from '../records/stored';
import {
  jobCollection,
  jobRecordOf,
  mouldCollection,
  mouldRecordOf,
  photoCollection,
  resinCollection,
} from '../repositories';
import type { Write } from '../store/changes';
import { demoContainers, demoGrains, demoMoulds, demoRecipes, demoResins } from './demoCards';
import { demoJobs, demoPhoto } from './demoJobs';

/** What the demo keeps with the settings. */
export const demoSettings = {
  quick: { amount: '', resinId: demoResins[0]?.id ?? '', batches: '1' },
  grains: demoGrains,
  containers: demoContainers,
  recipes: demoRecipes,
  currency: '£',
} satisfies Partial<Settings>;

/**
 * The records of the demo, in one change.
 * @param isThere whether something stands under a key already: that is the person's, whatever it is, and stays
 */
export async function demoWrites(
  isThere: (key: string) => boolean,
  calibrate: Calibrator,
): Promise<readonly Write[]> {
  const start = Date.now();
  const jobs = demoJobs.map(({ id, ...job }, index) => {
    const record = jobRecordOf(job as unknown as JobDraft);
    // One second apart, so that the list keeps the order of the demo.
    const at = new Date(start - index * 1000).toISOString();
    return jobCollection.creation({ ...record, id, createdAt: at, updatedAt: at });
  });
  const kept = await calibratedRecords(
    demoResins.map((card) => ({ card, before: undefined })),
    calibrate,
  );
  const resins = demoResins.map((resin, at) =>
    resinCollection.creation({ ...kept[at]!, id: resin.id, resin }),
  );
  const moulds = demoMoulds.map((mould) => {
    const record = mouldRecordOf(mould);
    return mouldCollection.creation({ ...record, id: mould.id, mould });
  });
  const photo = photoCollection.creation({
    ...demoPhoto,
    schema: photoRecords.version,
    ...nextVersion(),
  } as PhotoRecord);
  return [...jobs, ...resins, ...moulds, photo].filter(({ key }) => !isThere(key));
}
