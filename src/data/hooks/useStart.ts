import { useEffect, useRef } from 'react';
import { demoChanges, emptyChanges } from '../demo/startChanges';
import { settingsRecords } from '../records/settingsRecord';
import {
  jobChange,
  readJobs,
  readResins,
  readSettings,
  resinChange,
  settingsChange,
} from '../repositories';
import { useStore } from './DataProvider';
import { useResins, useSettings } from './queries';
import { useCommit } from './useCommit';

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
  const commit = useCommit();
  const begun = useRef(false);
  const isFirst = settings.data === null;
  useEffect(() => {
    if (!isFirst || begun.current) return;
    begun.current = true;
    void commit(wantsEmpty() ? emptyChanges([], undefined) : demoChanges(undefined));
  }, [isFirst, commit]);
  // Until the cards are read a job would look as if its card were gone.
  return settings.data !== undefined && settings.data !== null && resins.data !== undefined;
}

/**
 * Starting over, with the demo or from empty.
 * Each gives back what undoes it: everything as it was before.
 */
export function useStartOver() {
  const store = useStore();
  const commit = useCommit();

  async function startOver(from: 'demo' | 'empty'): Promise<() => Promise<void>> {
    const before = [
      ...(await readJobs(store)).records.map((record) => jobChange(record)),
      ...(await readResins(store)).records.map((record) => resinChange(record)),
    ];
    const settings = (await readSettings(store)) ?? undefined;
    const keysBefore = before.map(({ key }) => key);
    const changes = from === 'demo' ? demoChanges(settings) : emptyChanges(keysBefore, settings);
    await commit(changes);
    const added = changes.filter(
      ({ key, record }) =>
        record !== null && !key.startsWith(settingsRecords.prefix) && !keysBefore.includes(key),
    );
    return async () => {
      await commit([
        ...added.map(({ key }) => ({ key, record: null })),
        ...before,
        ...(settings === undefined ? [] : [settingsChange(settings)]),
      ]);
    };
  }

  return startOver;
}
