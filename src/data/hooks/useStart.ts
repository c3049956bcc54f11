import { useEffect, useRef } from 'react';
import type { Calibrator } from '../calibrating';
import { emptyChanges } from '../emptyChanges';
import { settingsRecords, type SettingsRecord } from '../records/settingsRecord';
import { kindsAtStart, ownKinds } from '../kinds/kinds';
import { sweepPhotos } from '../kinds/sweep';
import { asideCollection, asideRecordOf, settingsCollection } from '../repositories';
import type { Change } from '../store/recordStore';
import { useCalibrator, useStore } from './DataProvider';
import { useAllKept, useReadSettings } from './queries';
import { useCommit } from './useCommit';

/** The demo is fetched when it is wanted. */
const demoChanges = async (
  before: SettingsRecord | undefined,
  calibrate: Calibrator,
): Promise<Change[]> => (await import('../demo/demoChanges')).demoChanges(before, calibrate);

const wantsEmpty = (): boolean =>
  new URLSearchParams(globalThis.location?.search ?? '').get('start') === 'empty';

/** Sweeping can wait until the person has what they came for. */
const whenIdle = (work: () => void): void => {
  if (typeof globalThis.requestIdleCallback === 'function') globalThis.requestIdleCallback(work);
  else setTimeout(work, 0);
};

/**
 * Fills the shelf and the jobs at the very first start: the demo, or nothing when the address says `?start=empty`. A first start
 * is one at which everything was read and nothing is there. Settings that cannot be read are set aside, and usual ones take
 * their place; nothing else is touched.
 * @returns whether there is something to show
 */
export function useFirstStart(): boolean {
  const settings = useReadSettings();
  const all = useAllKept(kindsAtStart);
  const store = useStore();
  const commit = useCommit();
  const calibrate = useCalibrator();
  const begun = useRef(false);
  // Until the cards are read a job would look as if its cards were gone.
  const isRead = all.every(({ read }) => read !== undefined);
  const isSet = (settings.data?.records.length ?? 0) > 0;
  const unreadable = settings.data?.unreadable;
  const isEmpty = all.every(
    ({ read }) => read?.records.length === 0 && read.unreadable.length === 0,
  );
  useEffect(() => {
    if (!isRead || begun.current) return;
    begun.current = true;
    void (async () => {
      if (isSet) whenIdle(() => void sweepPhotos(store));
      else if (isEmpty && !wantsEmpty()) await commit(await demoChanges(undefined, calibrate));
      else {
        const kept = (unreadable ?? []).map((each) => asideCollection.change(asideRecordOf(each)));
        await commit([...kept, ...emptyChanges([], undefined)]);
      }
    })();
  }, [isRead, isSet, isEmpty, unreadable, store, commit, calibrate]);
  return isRead && isSet;
}

/**
 * Starting over, with the demo or from empty.
 * Each gives back what undoes it: everything as it was before.
 */
export function useStartOver() {
  const store = useStore();
  const commit = useCommit();
  const calibrate = useCalibrator();

  async function startOver(from: 'demo' | 'empty'): Promise<() => Promise<void>> {
    const before: Change[] = [];
    for (const { collection } of ownKinds) {
      const { records } = await collection.read(store);
      // Each record is of its own kind; the type of them together cannot say so.
      before.push(...records.map((record) => collection.change(record as never)));
    }
    const [settings] = (await settingsCollection.read(store)).records;
    const keysBefore = before.map(({ key }) => key);
    const changes =
      from === 'demo' ? await demoChanges(settings, calibrate) : emptyChanges(keysBefore, settings);
    await commit(changes);
    const added = changes.filter(
      ({ key, record }) =>
        record !== null && !key.startsWith(settingsRecords.prefix) && !keysBefore.includes(key),
    );
    return async () => {
      await commit([
        ...added.map(({ key }) => ({ key, record: null })),
        ...before,
        ...(settings === undefined ? [] : [settingsCollection.change(settings)]),
      ]);
    };
  }

  return startOver;
}
