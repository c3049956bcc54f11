import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { Calibrator } from '../calibrating';
import {
  salvagedSettings,
  settingsPatch,
  settingsRecordOf,
  usualSettings,
} from '../records/patchedSettings';
import type { Settings } from '../records/settingsRecord';
import type { UnreadableRecord } from '../records/readRecords';
import { ownKinds, settings as settingsKind } from '../kinds/kinds';
import { sweepPhotos } from '../kinds/sweep';
import { asideCollection, asideRecordOf } from '../repositories';
import { contentOf, type Change, type Write } from '../store/changes';
import { StaleWriteError } from '../store/staleWriteError';
import { undoing } from '../store/undoing';
import { useCalibrator, useStore } from './DataProvider';
import { whenIdle } from '../whenIdle';
import { useStorageState } from './storageState';
import { useAllKept, useReadSettings } from './queries';
import { undone, useCommit, type Undo } from './useCommit';

/** The demo is fetched when it is wanted. */
const theDemo = () => import('../demo/demoChanges');

async function demoChanges(
  isThere: (key: string) => boolean,
  calibrate: Calibrator,
): Promise<readonly Change[]> {
  const { demoWrites, demoSettings } = await theDemo();
  const writes = await demoWrites(isThere, calibrate);
  return [...writes, settingsPatch({ set: { ...demoSettings, startedWith: 'demo' } })];
}

const wantsEmpty = (): boolean =>
  new URLSearchParams(globalThis.location?.search ?? '').get('start') === 'empty';

/** Settings that cannot be read are set aside as they are; what can be read of them stays. */
const mended = ({ key, text, reason }: UnreadableRecord): readonly Write[] => [
  asideCollection.creation(asideRecordOf({ key, text, reason })),
  { key, record: settingsRecordOf(salvagedSettings(text)), replaces: { text } },
];

/** How far a start has come. */
export type Start = 'reading' | 'ready' | 'unreadable';

/**
 * Fills the shelf and the jobs at the very first start: the demo, or nothing when the address says `?start=empty`. A first start
 * is one at which the storage was read and holds nothing at all. Settings that cannot be read are set aside; nothing else is
 * touched.
 */
export function useFirstStart(): {
  readonly start: Start;
  /** Settings could not be read at this start and were set aside. */
  readonly setAside: boolean;
  readonly tryAgain: () => void;
} {
  const settings = useReadSettings();
  const all = useAllKept();
  const store = useStore();
  const client = useQueryClient();
  const commit = useCommit();
  const calibrate = useCalibrator();
  const { because } = useStorageState();
  // A person whose data does not come just now is no newcomer.
  const startsEmpty = because !== undefined || wantsEmpty();
  const begun = useRef(false);
  const [setAside, setSetAside] = useState(false);
  // Until the cards are read a job would look as if its cards were gone.
  const isRead = all.every(({ count }) => count !== undefined);
  const hasFailed = all.some(({ failed }) => failed);
  const isSet = (settings.data?.records.length ?? 0) > 0;
  const unreadable = settings.data?.unreadable;
  useEffect(() => {
    if (!isRead || begun.current) return;
    begun.current = true;
    const first = async (): Promise<void> => {
      if (isSet) return whenIdle(() => void sweepPhotos(store).catch(() => undefined));
      const [damaged] = unreadable ?? [];
      // Kinds of record that this version does not know count too.
      const isEmpty = (await store.keys('')).length === 0;
      if (damaged !== undefined) {
        await commit(mended(damaged));
        setSetAside(true);
      } else if (isEmpty && !startsEmpty) await commit(await demoChanges(() => false, calibrate));
      else await commit([settingsPatch({})]);
    };
    first().catch((error: unknown) => {
      // Another window was first: what it wrote is read.
      if (!(error instanceof StaleWriteError)) throw error;
      void client.invalidateQueries();
    });
  }, [isRead, isSet, unreadable, startsEmpty, store, client, commit, calibrate]);
  return {
    start: isRead && isSet ? 'ready' : hasFailed ? 'unreadable' : 'reading',
    setAside,
    tryAgain: () => void client.invalidateQueries(),
  };
}

/** What of the settings a start over changes, as it is without it. */
const settingsBefore = (settings: Settings | undefined, changed: Partial<Settings>) =>
  Object.fromEntries(
    Object.keys(changed).map((key) => {
      const before = settings?.[key as keyof Settings];
      return [key, before ?? (Array.isArray(changed[key as keyof Settings]) ? [] : undefined)];
    }),
  ) as Partial<Settings>;

/** What was added, and what was there already and stays as it is. */
export interface StartedOver {
  readonly added: number;
  readonly stayed: number;
  readonly undo: Undo;
}

/**
 * Starting over: with the demo beside what is there, or from empty.
 * Each gives back what undoes it; what was changed since is not overwritten.
 */
export function useStartOver() {
  const store = useStore();
  const commit = useCommit();
  const calibrate = useCalibrator();

  async function run(
    writes: readonly Write[],
    set: Partial<Settings>,
    stayed: number,
  ): Promise<StartedOver> {
    const [settings] = (await settingsKind.listing.read(store)).records;
    await commit([...writes, settingsPatch({ set })]);
    const back = settingsPatch({ set: settingsBefore(settings, set), where: set });
    return {
      added: writes.length,
      stayed,
      undo: () => undone(() => commit([...undoing(writes), back])),
    };
  }

  return {
    /** Adds what of the demo is not there; what a person made of it is theirs. */
    async withDemo(): Promise<StartedOver> {
      const { demoWrites, demoSettings } = await theDemo();
      const all = await demoWrites(() => false, calibrate);
      const there = await store.contents(all.map(({ key }) => key));
      const missing = all.filter(({ key }) => !there.has(key));
      const [settings] = (await settingsKind.listing.read(store)).records;
      const lists = (['grains', 'recipes', 'containers'] as const).map((list) => {
        const own = settings?.[list] ?? [];
        const names = new Set(own.map(({ name }) => name));
        return [list, [...own, ...demoSettings[list].filter(({ name }) => !names.has(name))]];
      });
      const set: Partial<Settings> = {
        ...(Object.fromEntries(lists) as Partial<Settings>),
        ...(settings?.currency === undefined ? { currency: demoSettings.currency } : {}),
        ...(settings?.quick.resinId ? {} : { quick: demoSettings.quick }),
        startedWith: 'demo',
      };
      return run(missing, set, all.length - missing.length);
    },

    /** Clears jobs, cards, moulds and what is kept with the settings. */
    async fromEmpty(): Promise<StartedOver> {
      const removals: Write[] = [];
      for (const { collection, listing } of ownKinds) {
        const { records } = await listing.read(store);
        // As they are stored: what only clears them need not understand them.
        const contents = await store.contents(records.map(({ id }) => collection.key(id)));
        for (const [key, text] of contents) {
          removals.push({ key, record: null, replaces: contentOf(key, text) });
        }
      }
      const lists = { grains: [], recipes: [], containers: [] };
      return run(removals, { ...usualSettings, ...lists, startedWith: 'empty' }, 0);
    },
  };
}
