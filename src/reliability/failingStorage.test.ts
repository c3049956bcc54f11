import { noJournal } from '../data/store/journal';
import { answering, memoryStorage, type KeyValueStorage } from '../data/store/keyValueStorage';
import { ofKinds } from '../data/store/ofKinds';
import { createRecordStore } from '../data/store/recordStore';
import type { StoredRecord } from '../data/store/versions';
import { eventually } from '../testing/eventually';
import { chance, report, runs } from '../testing/campaign';

type Fault = 'fails' | 'never answers' | 'does it and fails';
const calls = ['getAllKeys', 'getMany', 'setMany'] as const;

/** A device of which one call goes wrong, once or from then on. */
function faulty(kept: Map<string, string>) {
  const device = memoryStorage(kept);
  const fault: { call?: (typeof calls)[number]; how: Fault; lasts: boolean } = {
    how: 'fails',
    lasts: false,
  };
  const wrong = async <T>(call: (typeof calls)[number], work: () => Promise<T>): Promise<T> => {
    if (fault.call !== call) return work();
    if (!fault.lasts) delete fault.call;
    if (fault.how === 'does it and fails') await work();
    if (fault.how === 'never answers') return new Promise<never>(() => undefined);
    throw new Error('the device refuses');
  };
  const storage: KeyValueStorage = {
    getAllKeys: () => wrong('getAllKeys', () => device.getAllKeys()),
    getMany: (keys) => wrong('getMany', () => device.getMany(keys)),
    setMany: (entries) => wrong('setMany', () => device.setMany(entries)),
    removeMany: (keys) => device.removeMany(keys),
  };
  return { storage: answering(storage, 3), fault };
}

test('whatever call of the storage goes wrong, what is typed is there at the end, and “saved” is true', async () => {
  const count = runs(30, 400);
  let lost = 0;
  let locked = 0;
  for (let run = 0; run < count; run += 1) {
    const draw = chance(run);
    const kept = new Map<string, string>();
    const { storage, fault } = faulty(kept);
    const store = createRecordStore({
      storage,
      exclusively: (work) => work(),
      channel: { post: () => undefined, listen: () => () => undefined },
      journal: noJournal,
      ...ofKinds,
      retryAfterMs: [2],
    });
    let before: StoredRecord | null = null;
    let last = 0;
    for (let step = 1; step <= 6; step += 1) {
      if (draw.next() < 0.5) {
        fault.call = draw.oneOf(calls);
        fault.how = draw.oneOf<Fault>(['fails', 'never answers', 'does it and fails']);
        fault.lasts = draw.next() < 0.4;
      }
      const record: StoredRecord = { id: 'a', schema: 1, revision: step, stamp: `${run}/${step}` };
      await store.commit([{ key: 'mould/a', record, replaces: before }]);
      before = record;
      last = step;
      const stored = kept.get('mould/a');
      const isSaved = store.saveState().state === 'saved';
      if (isSaved && !stored?.includes(`"stamp":"${run}/${step}"`)) lost += 1;
      // Reading fails in words, or says the latest.
      const read = await store.read('mould/').catch(() => undefined);
      if (read !== undefined && !read.get('mould/a')?.includes(`"revision":${step}`)) lost += 1;
    }
    delete fault.call;
    try {
      await eventually(() => expect(store.saveState().state).toBe('saved'));
      expect(kept.get('mould/a')).toContain(`"revision":${last}`);
    } catch {
      locked += 1;
    }
  }
  report({ promise: 'storage calls that go wrong', count, lost, locked, longestMs: 0 });
  expect({ lost, locked }).toEqual({ lost: 0, locked: 0 });
});
