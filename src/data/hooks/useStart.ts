import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { demoChanges, emptyChanges } from '../demo/startChanges';
import { jobRecords } from '../records/jobRecord';
import type { StoredRecord } from '../store/recordStore';
import { resinRecords } from '../records/resinRecord';
import { settingsChange, readSettings } from '../repositories';
import { useStore } from './DataProvider';
import { useSettings } from './queries';
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
  const commit = useCommit();
  const begun = useRef(false);
  const isFirst = settings.data === null;
  useEffect(() => {
    if (!isFirst || begun.current) return;
    begun.current = true;
    void (async () =>
      commit(wantsEmpty() ? emptyChanges([], undefined) : await demoChanges(undefined)))();
  }, [isFirst, commit]);
  return settings.data !== undefined && settings.data !== null;
}

/**
 * Starting over, with the demo or from empty.
 * Each gives back what undoes it: everything as it was before.
 */
export function useStartOver() {
  const store = useStore();
  const client = useQueryClient();
  const commit = useCommit();

  async function startOver(from: 'demo' | 'empty'): Promise<() => Promise<void>> {
    const before = new Map([
      ...(await store.read(jobRecords.prefix)),
      ...(await store.read(resinRecords.prefix)),
    ]);
    const settings = (await readSettings(store)) ?? undefined;
    const changes =
      from === 'demo' ? await demoChanges(settings) : emptyChanges([...before.keys()], settings);
    await commit(changes);
    await client.invalidateQueries();
    return async () => {
      await commit([
        ...changes.flatMap(({ key }) =>
          key.startsWith(jobRecords.prefix) || key.startsWith(resinRecords.prefix)
            ? [{ key, record: null }]
            : [],
        ),
        ...[...before].map(([key, text]) => ({ key, record: JSON.parse(text) as StoredRecord })),
        ...(settings === undefined ? [] : [settingsChange(settings)]),
      ]);
    };
  }

  return startOver;
}
