import { calibratedRecords, type Calibrator } from '../calibrating';
import type { JobDraft } from '../draft/jobDraft';
import { photoRecords, type PhotoRecord } from '../records/photoRecord';
import type { SettingsRecord } from '../records/settingsRecord';
import {
  jobCollection,
  jobRecordOf,
  mouldCollection,
  mouldRecordOf,
  photoCollection,
  resinCollection,
  settingsCollection,
  settingsRecordOf,
} from '../repositories';
import type { Change } from '../store/recordStore';
import { demoContainers, demoGrains, demoMoulds, demoRecipes, demoResins } from './demoCards';
import { demoJobs, demoPhoto } from './demoJobs';

/** Everything that a start with the demo writes, in one change; records that were there give way. */
export async function demoChanges(
  before: SettingsRecord | undefined,
  calibrate: Calibrator,
): Promise<Change[]> {
  const start = Date.now();
  const jobs = demoJobs.map(({ id, ...job }, index) => {
    const record = jobRecordOf(job as unknown as JobDraft);
    // One second apart, so that the list keeps the order of the demo.
    const at = new Date(start - index * 1000).toISOString();
    return jobCollection.change({ ...record, id, createdAt: at, updatedAt: at });
  });
  const kept = await calibratedRecords(
    demoResins.map((card) => ({ card, before: undefined })),
    calibrate,
  );
  const resins = demoResins.map((resin, at) =>
    resinCollection.change({ ...kept[at]!, id: resin.id, resin }),
  );
  const moulds = demoMoulds.map((mould) => {
    const record = mouldRecordOf(mould);
    return mouldCollection.change({ ...record, id: mould.id, mould });
  });
  const photo = photoCollection.change({
    ...demoPhoto,
    schema: photoRecords.version,
    revision: 1,
  } as PhotoRecord);
  const quick = { amount: '', resinId: demoResins[0]?.id ?? '', batches: '1' };
  return [
    ...jobs,
    ...resins,
    ...moulds,
    photo,
    settingsCollection.change(
      settingsRecordOf(
        {
          startedWith: 'demo',
          quick,
          grains: demoGrains,
          containers: demoContainers,
          recipes: demoRecipes,
          currency: '£',
        },
        before,
      ),
    ),
  ];
}
