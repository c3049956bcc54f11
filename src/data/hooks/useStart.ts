import { useEffect, useRef } from 'react';
import type { Calibrator } from '../calibrating';
import { emptyChanges } from '../emptyChanges';
import { settingsRecords, type SettingsRecord } from '../records/settingsRecord';
import { ownCollections, settingsCollection } from '../repositories';
import type { Change } from '../store/recordStore';
import { useCalibrator, useStore } from './DataProvider';
import { useMoulds, useResins, useSettings } from './queries';
import { useCommit } from './useCommit';

/** The demo is fetched when it is wanted. */
const demoChanges = async (
  before: SettingsRecord | undefined,
  calibrate: Calibrator,
): Promise<Change[]> => (await import('../demo/demoChanges')).demoChanges(before, calibrate);

const wantsEmpty = (): boolean =>
  new URLSearchParams(globalThis.location?.search ?? '').get('start') === 'empty';

/**
 * Fills the shelf and the jobs at the very first start: the demo, or nothing when the address says
 * `?start=empty`.
 * @returns whether there is something to show
 */
export function useFirstStart(): boolean {
  const settings = useSettings();
  const resins = useResins();
  const moulds = useMoulds();
  const commit = useCommit();
  const calibrate = useCalibrator();
  const begun = useRef(false);
  const isFirst = settings.data === null;
  useEffect(() => {
    if (!isFirst || begun.current) return;
    begun.current = true;
    void (async () => {
      const changes = wantsEmpty()
        ? emptyChanges([], undefined)
        : await demoChanges(undefined, calibrate);
      await commit(changes);
    })();
  }, [isFirst, commit, calibrate]);
  // Until the cards are read a job would look as if its cards were gone.
  const areCardsRead = resins.data !== undefined && moulds.data !== undefined;
  return settings.data !== undefined && settings.data !== null && areCardsRead;
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
    for (const kept of ownCollections) {
      const { records } = await kept.read(store);
      // Each record is of its own collection; the type of them together cannot say so.
      before.push(...records.map((record) => kept.change(record as never)));
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
