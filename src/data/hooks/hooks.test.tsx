import { useQueryClient } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { calibrateHere } from '../../testing/calibrateHere';
import { beginDemo } from '../demo/beginDemo';
import { demoResins } from '../demo/demoResins';
import { demoJobs } from '../demo/demoJobs';
import { newJobDraft, type JobDraft } from '../draft/jobDraft';
import { sweepPhotos } from '../kinds/sweep';
import type { JobRecord } from '../records/jobRecord';
import { nextVersion } from '../records/stored';
import { jobCollection, jobRecordOf } from '../repositories';
import type { RecordStore } from '../store/recordStore';
import type { Version } from '../store/versions';
import { useUndoable, type Undo } from './useCommit';
import { twoTabs } from '../store/twoTabs';
import { DataProvider } from './DataProvider';
import { useJobs, useResins, useSaveState, useSettings, useShelf } from './queries';
import { useJobActions } from './useJobActions';
import { useOpenJobRecord } from './useOpenRecord';
import { useCurrency, useKept } from './useKept';
import { useResinActions } from './useCardActions';
import { useRefusedSettings } from './useRefusedSettings';
import { useFirstStart } from './useStart';
import { useStartOver } from './useStartOver';
import { useUnits } from './useUnits';
import { useWholeStart } from './useWholeStart';

function around(store: RecordStore, calibrate = calibrateHere) {
  return function Around({ children }: { readonly children: ReactNode }) {
    return (
      <DataProvider store={store} calibrate={calibrate}>
        {children}
      </DataProvider>
    );
  };
}

/** Everything that screens use, as one tab holds it. */
function useEverything() {
  return {
    started: [useFirstStart().start, useWholeStart().start].every((start) => start === 'ready'),
    jobs: useJobs().data?.records ?? [],
    resins: useResins().data?.records ?? [],
    settings: useSettings().data,
    shelf: useShelf(),
    saveState: useSaveState(),
    jobActions: useJobActions(),
    resinActions: useResinActions(),
    startOver: useStartOver(),
  };
}

/** What a record says, without which state of it it is: what is put back is a new state. */
const unversioned = ({ revision: _, stamp: __, ...listed }: Version): object => listed;

async function startedTab(store: RecordStore, calibrate = calibrateHere) {
  const { result } = renderHook(useEverything, { wrapper: around(store, calibrate) });
  await waitFor(() => expect(result.current.started).toBe(true));
  await waitFor(() => expect(result.current.jobs).not.toHaveLength(0));
  return result;
}

test('the first start writes what the first figure needs, then the rest; a second tab finds it there', async () => {
  const { first, second, device } = twoTabs();
  const tab = await startedTab(first);
  expect(device.transactions).toBe(2);
  expect(tab.current.jobs.map(({ name }) => name)).toEqual(demoJobs.map(({ name }) => name));
  expect(tab.current.shelf.resins).toHaveLength(demoResins.length);
  expect(tab.current.settings?.startedWith).toBe('demo');
  await startedTab(second);
  expect(device.transactions).toBe(2);
});

test('a first start that was cut off goes on at the next; what was made meanwhile stays', async () => {
  const { first, second } = twoTabs();
  await first.commit(beginDemo());
  const [tray] = demoJobs;
  const mine = { ...jobRecordOf(tray as unknown as JobDraft), id: tray!.id };
  await first.commit([
    jobCollection.creation({ ...mine, draft: { ...mine.draft, name: 'Mine' }, lastGood: null }),
  ]);
  const tab = await startedTab(second);
  expect(tab.current.jobs).toHaveLength(demoJobs.length);
  expect(tab.current.jobs.map(({ name }) => name)).toContain('Mine');
  expect(tab.current.settings?.demoToCome).toBe(false);
});

test('starting from empty clears, and its undo brings back everything as it was', async () => {
  const { first } = twoTabs();
  const tab = await startedTab(first);
  const before = tab.current.jobs;
  let undo: Undo = async () => 'undone';
  await act(async () => {
    ({ undo } = await tab.current.startOver.fromEmpty());
  });
  expect(tab.current.jobs).toEqual([]);
  expect(tab.current.resins).toEqual([]);
  await act(async () => void (await undo()));
  expect(tab.current.jobs.map(unversioned)).toEqual(before.map(unversioned));
  expect(tab.current.resins).toHaveLength(demoResins.length);
});

test('loading the demo over own work keeps the work, and its undo takes only the demo away', async () => {
  const { first } = twoTabs();
  const tab = await startedTab(first);
  await act(async () => void (await tab.current.startOver.fromEmpty()));
  await act(async () => void (await tab.current.jobActions.create(newJobDraft(undefined))));
  let undo: Undo = async () => 'undone';
  await act(async () => {
    ({ undo } = await tab.current.startOver.withDemo());
  });
  expect(tab.current.jobs).toHaveLength(demoJobs.length + 1);
  await act(async () => void (await undo()));
  expect(tab.current.jobs).toHaveLength(1);
  expect(tab.current.resins).toHaveLength(0);
});

test('a job is duplicated, removed and put back', async () => {
  const { first } = twoTabs();
  const tab = await startedTab(first);
  const [tray] = tab.current.jobs;
  if (tray === undefined) throw new Error('the demo has no job');
  await act(async () => void (await tab.current.jobActions.duplicate(tray)));
  expect(tab.current.jobs[0]?.name).toBe('Drawer tray (copy)');
  expect(tab.current.jobs[0]?.id).not.toBe(tray.id);
  let undo: Undo | undefined;
  await act(async () => {
    undo = await tab.current.jobActions.remove(tray);
  });
  expect(tab.current.jobs.some(({ id }) => id === tray.id)).toBe(false);
  expect(await tab.current.jobActions.duplicate(tray)).toBeUndefined();
  await act(async () => void (await undo?.()));
  expect(tab.current.jobs.some(({ id }) => id === tray.id)).toBe(true);
});

test('when a job is wanted and what of it was done goes with it, and comes back', async () => {
  const { first } = twoTabs();
  const tab = await startedTab(first);
  const lamp = tab.current.jobs.find(({ id }) => id === 'demo-lamp-base')!;
  const own = ['dates/demo-lamp-base', 'ticks/demo-lamp-base'];
  const there = async (): Promise<number> => (await first.contents(own)).size;
  expect(await there()).toBe(2);
  let undo: Undo | undefined;
  await act(async () => {
    undo = await tab.current.jobActions.remove(lamp);
  });
  expect(await there()).toBe(0);
  await act(async () => void (await undo?.()));
  expect(await there()).toBe(2);
});

test('a card that another tab has changed is not overwritten unseen', async () => {
  const { first, second } = twoTabs();
  const here = await startedTab(first);
  const there = await startedTab(second);
  const card = here.current.resins.find(({ id }) => id === 'demo-slow-clear');
  if (card === undefined) throw new Error('the demo has no slow clear');
  await act(async () => {
    await there.current.resinActions.save({ ...card.resin, name: 'Theirs' }, card);
  });
  await waitFor(() =>
    expect(here.current.resins.map(({ resin }) => resin.name)).toContain('Theirs'),
  );
  await act(async () => {
    await expect(
      here.current.resinActions.save({ ...card.resin, name: 'Mine' }, card),
    ).rejects.toThrow('has been changed since it was read');
  });
  expect(here.current.resins.map(({ resin }) => resin.name)).toContain('Theirs');
});

test('a card is kept with what the heat model makes of its label; another name asks nothing anew', async () => {
  const { first } = twoTabs();
  const tab = await startedTab(first);
  const cardNow = () => tab.current.resins.find(({ id }) => id === 'demo-slow-clear')!;
  const before = cardNow();
  // Slow on the card, and Medium.
  expect(before.calibrations).toHaveLength(2);
  await act(
    async () =>
      void (await tab.current.resinActions.save({ ...before.resin, name: 'Other' }, before)),
  );
  await waitFor(() => expect(cardNow().resin.name).toBe('Other'));
  expect(cardNow().calibrations).toEqual(before.calibrations);
  const { resin } = cardNow();
  const slower = { ...resin, potLife: { ...resin.potLife!, time: '12 h' } };
  await act(async () => void (await tab.current.resinActions.saveAll([slower], [cardNow()])));
  await waitFor(() => expect(cardNow().resin.potLife?.time).toBe('12 h'));
  const [own, medium] = cardNow().calibrations ?? [];
  expect(own?.calibration.rateScale).not.toBe(before.calibrations?.[0]?.calibration.rateScale);
  expect(medium).toEqual(before.calibrations?.[1]);
  expect(tab.current.shelf.calibrations?.get(own?.key ?? '')).toEqual(own?.calibration);
});

test('where the model cannot run, the demo starts and cards are kept all the same', async () => {
  const { first } = twoTabs();
  const tab = await startedTab(first, () => Promise.reject(new Error('no thread')));
  const [record] = tab.current.resins;
  const label = { potLife: { time: '77 min', mass: '300 g' } };
  await act(
    async () =>
      void (await tab.current.resinActions.save(
        { ...record!.resin, ...label, name: 'Kept' },
        record,
      )),
  );
  const kept = tab.current.resins.find(({ resin }) => resin.name === 'Kept');
  expect(kept?.resin.potLife?.time).toBe('77 min');
  expect(kept?.calibrations).toBeUndefined();
});

test('a label that cannot be calibrated is kept all the same', async () => {
  const { first } = twoTabs();
  const tab = await startedTab(first);
  const [{ resin }] = tab.current.resins.filter(({ id }) => id === 'demo-table-coat') as [
    (typeof tab.current.resins)[number],
  ];
  const { id: _, ...card } = resin;
  const odd = { ...card, name: 'Odd', potLife: { time: '2 s', mass: '10 g' } };
  await act(async () => void (await tab.current.resinActions.save(odd)));
  const kept = tab.current.resins.find((each) => each.resin.name === 'Odd');
  expect(kept?.calibrations).toEqual([]);
});

test('two units chosen one right after the other, here and in another tab, are both kept', async () => {
  const { first, second } = twoTabs();
  await startedTab(first);
  const here = renderHook(useUnits, { wrapper: around(first) });
  const there = renderHook(useUnits, { wrapper: around(second) });
  await waitFor(() => expect(here.result.current.own).toEqual(there.result.current.own));
  // Before the first choice has been written, and before the other tab has heard of it.
  await act(() => Promise.all([here.result.current.tell('in'), there.result.current.tell('°F')]));
  const both = { length: 'in', temperature: '°F' };
  await waitFor(() => expect(here.result.current.told).toEqual(both));
  await waitFor(() => expect(there.result.current.told).toEqual(both));
  const { tell } = here.result.current;
  await act(() => Promise.all([tell('mm'), tell('°C')]));
  expect(here.result.current.told).toEqual({ length: 'mm', temperature: '°C' });
  expect(here.result.current.own.slice(0, 2)).toEqual(['°C', 'mm']);
});

test('a device that refuses from the start still shows the demo, and says that it is not saved', async () => {
  const { first, device, kept } = twoTabs();
  device.refuses = true;
  const tab = await startedTab(first);
  expect(tab.current.jobs).toHaveLength(demoJobs.length);
  expect(tab.current.saveState.state).toBe('failed');
  expect(kept.size).toBe(0);
});

test('an open job stays, marked gone, when another tab deletes it', async () => {
  const { first, second } = twoTabs();
  const here = await startedTab(first);
  const there = await startedTab(second);
  const { result } = renderHook(() => useOpenJobRecord('demo-drawer-tray'), {
    wrapper: around(first),
  });
  await waitFor(() => expect(result.current).toMatchObject({ gone: false }));
  const tray = there.current.jobs.find(({ id }) => id === 'demo-drawer-tray');
  await act(async () => {
    if (tray !== undefined) await there.current.jobActions.remove(tray);
  });
  await waitFor(() =>
    expect(result.current).toMatchObject({ gone: true, record: { id: 'demo-drawer-tray' } }),
  );
  expect(here.current.jobs).toHaveLength(demoJobs.length - 1);
  const missing = renderHook(() => useOpenJobRecord('never-was'), { wrapper: around(first) });
  await waitFor(() => expect(missing.result.current).toBe('missing'));
});

test('cards are added, and new prices kept, in one change each; both can be undone', async () => {
  const { first } = twoTabs();
  const tab = await startedTab(first);
  const before = tab.current.resins;
  let undo: Undo = async () => 'undone';
  await act(async () => {
    undo = await tab.current.resinActions.addAll(
      before
        .slice(0, 2)
        .map(({ resin: { id: _, ...card } }) => ({ ...card, name: `${card.name} 2` })),
    );
  });
  expect(tab.current.resins).toHaveLength(before.length + 2);
  await act(async () => void (await undo()));
  expect(tab.current.resins.map(unversioned)).toEqual(before.map(unversioned));

  const dearer = before.map(({ resin }) => ({ ...resin, kits: [{ size: '1 l', price: 99 }] }));
  await act(async () => {
    undo = await tab.current.resinActions.saveAll(dearer, before);
  });
  expect(tab.current.resins.map(({ resin }) => resin.kits?.[0]?.price)).toEqual(
    before.map(() => 99),
  );
  await act(async () => void (await undo()));
  expect(tab.current.resins.map(({ resin }) => resin)).toEqual(before.map(({ resin }) => resin));
});

test('recipes and cups are kept with the settings; one of the same name gives way', async () => {
  const { first } = twoTabs();
  const tab = await startedTab(first);
  const { result } = renderHook(
    () => ({ recipes: useKept('recipes'), cups: useKept('containers'), money: useCurrency() }),
    { wrapper: around(first) },
  );
  await waitFor(() => expect(result.current.recipes.items).toHaveLength(1));
  const [red] = result.current.recipes.items;
  if (red === undefined) throw new Error('the demo has no recipe');
  await act(() => result.current.recipes.keep({ ...red, swatch: '#112233' }));
  expect(result.current.recipes.items).toEqual([{ ...red, swatch: '#112233' }]);
  await act(() => result.current.cups.replace([{ capacity: '2 l' }]));
  expect(result.current.cups.items).toEqual([{ capacity: '2 l' }]);
  await act(() => result.current.money.setCurrency('€'));
  await waitFor(() => expect(result.current.money.currency).toBe('€'));
  // What else is in the settings stays.
  await waitFor(() => expect(tab.current.settings?.grains).toHaveLength(1));
  expect(result.current.recipes.items).toHaveLength(1);
});

test('settings that cannot be read are set aside: no demo, nothing of the person overwritten', async () => {
  const { first, second, kept } = twoTabs();
  await startedTab(first);
  const tray = JSON.parse(kept.get('job/demo-drawer-tray') ?? '') as JobRecord;
  const own = { ...tray, ...nextVersion(tray), draft: { ...tray.draft, name: 'My own tray' } };
  await first.commit([jobCollection.change(own, tray)]);
  const mine = kept.get('job/demo-drawer-tray');
  // A container with a name that is longer than the schema allows, as an older version let one keep.
  const damaged = JSON.stringify({
    ...(JSON.parse(kept.get('settings/person') ?? '') as object),
    containers: [{ name: 'x'.repeat(60), capacity: '1 l' }],
  });
  kept.set('settings/person', damaged);
  const tab = await startedTab(second);
  expect(kept.get('job/demo-drawer-tray')).toBe(mine);
  expect(tab.current.jobs.map(({ name }) => name)).toContain('My own tray');
  // What can be read of them stays.
  expect(tab.current.settings?.recipes).toHaveLength(1);
  expect(tab.current.settings?.containers).toBeUndefined();
  const aside = [...kept].filter(([key]) => key.startsWith('aside/'));
  expect(aside).toHaveLength(1);
  expect(JSON.parse(aside[0]?.[1] ?? '')).toMatchObject({ key: 'settings/person', text: damaged });
});

test('photos that nothing refers to any more are swept; one that cannot be told stays', async () => {
  const { first, kept } = twoTabs();
  await startedTab(first);
  const photo = JSON.parse(kept.get('photo/demo-sill-photo') ?? '') as object;
  kept.set('photo/replaced', JSON.stringify({ ...photo, id: 'replaced' }));
  kept.set('job/torn', 'torn');
  expect(await sweepPhotos(first)).toBe(0);
  kept.delete('job/torn');
  // A window of an older version has written a job that shows it, and no list knows.
  const whole = kept.get('job/demo-galley-bowl') ?? '';
  kept.set('job/demo-galley-bowl', whole.replace('{', '{"photo":"replaced",'));
  expect(await sweepPhotos(first)).toBe(0);
  expect(kept.get('photo/replaced')).not.toBe('');
  kept.set('job/demo-galley-bowl', whole);
  expect(await sweepPhotos(first)).toBe(1);
  expect(kept.get('photo/replaced')).toBe('');
  expect(kept.get('photo/demo-sill-photo')).not.toBe('');
});

test('a job that the storage does not give out is not taken for one that is missing, and comes once it does', async () => {
  const { first } = twoTabs();
  await startedTab(first);
  const read = jest.spyOn(first, 'contents').mockRejectedValueOnce(new Error('not just now'));
  const { result } = renderHook(
    () => ({ open: useOpenJobRecord('demo-drawer-tray'), client: useQueryClient() }),
    { wrapper: around(first) },
  );
  await waitFor(() => expect(result.current.open).toBe('not-given'));
  read.mockRestore();
  await act(() => result.current.client.invalidateQueries());
  await waitFor(() => expect(result.current.open).toMatchObject({ gone: false }));
});

test('a card that was deleted elsewhere comes back under its own id, whatever is left of it', async () => {
  const { first, kept } = twoTabs();
  const tab = await startedTab(first);
  const slow = tab.current.resins.find(({ id }) => id === 'demo-slow-clear')!;
  await act(async () => void (await tab.current.resinActions.remove(slow)));
  await act(async () => {
    await tab.current.resinActions.bringBack({ ...slow.resin, name: 'Kept' }, slow.id, undefined);
  });
  // The jobs that are poured with it find it again.
  expect(JSON.parse(kept.get('resin/demo-slow-clear') ?? '')).toMatchObject({
    id: 'demo-slow-clear',
    resin: { id: 'demo-slow-clear', name: 'Kept' },
  });
});

test('a change of settings that a newer version has taken over is told, and theirs stay', async () => {
  const { first, kept } = twoTabs();
  await startedTab(first);
  const newer = JSON.stringify({ id: 'person', schema: 99, revision: 7 });
  const refused = jest.fn();
  const { result } = renderHook(
    () => {
      useRefusedSettings(refused);
      return useCurrency();
    },
    { wrapper: around(first) },
  );
  await waitFor(() => expect(result.current.currency).toBe('£'));
  kept.set('settings/person', newer);
  await act(() => result.current.setCurrency('€'));
  await waitFor(() => expect(refused).toHaveBeenCalledTimes(1));
  expect(kept.get('settings/person')).toBe(newer);
});

test('what comes out of a file is read before it is shown, whatever it is', async () => {
  const { first } = twoTabs();
  const tab = await startedTab(first);
  const before = tab.current.jobs.length;
  const bare = (id: string) => ({ id, schema: 1, revision: 1 });
  const { result } = renderHook(
    () => ({ undoable: useUndoable(true), jobs: useJobs(), resins: useResins() }),
    { wrapper: around(first) },
  );
  await waitFor(() => expect(result.current.jobs.data?.records).toHaveLength(before));
  let undo: Undo = async () => 'undone';
  await act(async () => {
    undo = await result.current.undoable([
      { key: 'job/bare', record: bare('bare'), replaces: null },
      { key: 'resin/bare', record: bare('bare'), replaces: null },
    ]);
  });
  await waitFor(() => expect(result.current.jobs.data?.unreadable).toHaveLength(1));
  await waitFor(() => expect(result.current.resins.data?.unreadable).toHaveLength(1));
  expect(result.current.jobs.data?.records).toHaveLength(before);
  await act(async () => void expect(await undo()).toBe('undone'));
  await waitFor(() => expect(result.current.jobs.data?.unreadable).toHaveLength(0));
});
