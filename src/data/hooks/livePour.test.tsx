import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { goneOnWith } from '../../core/bench/benchCopy';
import { benchState } from '../../core/bench/benchState';
import { planDifference, takenOver } from '../../core/bench/planDifference';
import { batchDone, copyOf, done } from '../../core/bench/testBench';
import { calibrateHere } from '../../testing/calibrateHere';
import { demoMoulds } from '../demo/demoMoulds';
import type { MouldRecord } from '../records/mouldRecord';
import { settingsPatch } from '../records/patchedSettings';
import type { KeptPiece } from '../records/pieceRecord';
import type { ResinRecord } from '../records/resinRecord';
import { mouldCollection, mouldRecordOf, resinCollection, resinRecordOf } from '../repositories';
import type { Change } from '../store/changes';
import type { RecordStore } from '../store/recordStore';
import { twoTabs } from '../store/twoTabs';
import { DataProvider } from './DataProvider';
import { useLives } from './queries';
import { useChangeDays } from './useJobDays';
import { nameOfLive, useLiveActions, useLivePour, type Deed } from './useLivePour';

function around(store: RecordStore) {
  return function Around({ children }: { readonly children: ReactNode }) {
    return (
      <DataProvider store={store} calibrate={calibrateHere}>
        {children}
      </DataProvider>
    );
  };
}

/** A bench as one window holds it. */
function useBench({ id }: { readonly id: string }) {
  return { lives: useLives().data?.records, live: useLivePour(id), actions: useLiveActions() };
}

async function windowAt(store: RecordStore, id: string) {
  const { result } = renderHook(useBench, { wrapper: around(store), initialProps: { id } });
  await waitFor(() => expect(result.current.lives).toBeDefined());
  await waitFor(() => expect(result.current.live).not.toBeUndefined());
  return result;
}

const copy = copyOf();

/** A pour that is begun, and two windows that show it. */
async function begun(copied = copy, also: readonly Change[] = []) {
  const { first, second, kept } = twoTabs();
  await first.commit([settingsPatch({}), ...also]);
  const starter = await windowAt(first, 'none');
  expect(starter.current.live).toBeNull();
  let id = '';
  await act(async () => {
    id = await starter.current.actions.begin('job-1', copied, 'Fill');
  });
  return {
    first,
    second,
    kept,
    id,
    here: await windowAt(first, id),
    there: await windowAt(second, id),
  };
}

/** Written as long as its step is open. */
const once =
  (event: ReturnType<typeof done>): Deed =>
  ({ lanes }) =>
    lanes.some(({ next }) => next?.id === event.step) ? [event] : [];

test('a pour is stored with the plan that it was begun with, and is listed without its events', async () => {
  const { here, id } = await begun();
  expect(here.current.lives).toMatchObject([
    { id, job: 'job-1', name: 'Bench tray', pourName: 'Fill', pour: 0, state: 'under-way' },
  ]);
  expect(here.current.lives![0]).not.toHaveProperty('events');
  expect(nameOfLive(here.current.lives![0]!)).toBe('Bench tray · Fill');
  const { copy: stored } = here.current.live!;
  const events = [done(0, 'layer-1:ready'), ...batchDone(1, 'layer-1/1', { aG: 438 })];
  const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
  expect(plain(benchState(stored, events))).toEqual(plain(benchState(copy, events)));
});

test('two windows that do the same step write it once, and both show it', async () => {
  const { here, there, id } = await begun();
  const event = done(0, 'layer-1:ready');
  await act(async () => {
    await Promise.all([
      here.current.actions.act(id, once(event)),
      there.current.actions.act(id, once({ ...event, at: event.at + 5 })),
    ]);
  });
  await waitFor(() => expect(here.current.live!.record.events).toHaveLength(1));
  await waitFor(() => expect(there.current.live!.record.events).toHaveLength(1));
  await act(async () => here.current.actions.act(id, once(event)));
  expect(here.current.live!.record.events).toHaveLength(1);
});

test('different steps of two windows are both kept', async () => {
  const { here, there, id } = await begun();
  await act(async () => here.current.actions.act(id, () => [done(0, 'layer-1:ready')]));
  await waitFor(() => expect(there.current.live!.record.events).toHaveLength(1));
  await act(async () => {
    await Promise.all([
      here.current.actions.act(id, once(done(1, 'layer-1/1:cup'))),
      there.current.actions.act(id, once(done(1, 'layer-1/2:cup'))),
    ]);
  });
  await waitFor(() => expect(here.current.live!.record.events).toHaveLength(3));
});

test('it is over when everything is poured and looked after', async () => {
  const { here, id } = await begun();
  const events = [
    done(0, 'layer-1:ready'),
    ...batchDone(1, 'layer-1/1'),
    ...batchDone(2, 'layer-1/2'),
    done(40, 'layer-1/after:bubbles'),
    done(60, 'layer-1/after:bubbles-2'),
    done(500, 'layer-2:ready'),
    ...batchDone(501, 'layer-2/1'),
    ...batchDone(502, 'layer-2/2'),
    done(540, 'layer-2/after:bubbles'),
  ];
  await act(async () => here.current.actions.act(id, () => events));
  expect(here.current.lives![0]?.state).toBe('under-way');
  await act(async () => here.current.actions.act(id, () => [done(560, 'layer-2/after:bubbles-2')]));
  expect(here.current.lives![0]?.state).toBe('over');
});

test('what is mixed comes off the shelf as it is poured, is in the record, and goes back with it', async () => {
  const [{ card }] = copy.plan.buying as [(typeof copy.plan.buying)[number]];
  const lots = [{ left: '3 kg', opened: '2026-05-04', bestBefore: undefined, code: 'K 412' }];
  const resin = resinRecordOf({ ...card, lots }, undefined, undefined, 'bench-resin');
  const mould = mouldRecordOf({ ...demoMoulds[0]!, castings: 9 }, undefined, 'tray-mould');
  const onShelf = {
    ...copy,
    plan: { ...copy.plan, buying: [{ ...copy.plan.buying[0]!, card: resin.resin }] },
    moulds: [{ id: 'tray-mould', name: mould.mould.name, times: 2 }],
  };
  const { first, here, id } = await begun(onShelf, [
    resinCollection.creation(resin),
    mouldCollection.creation(mould),
  ]);
  const read = async <T,>(key: string): Promise<T> =>
    JSON.parse((await first.contents([key])).get(key)!) as T;
  const left = async () => (await read<ResinRecord>('resin/bench-resin')).resin.lots;

  await act(async () =>
    here.current.actions.act(id, () => [done(0, 'layer-1:ready'), ...batchDone(1, 'layer-1/1')]),
  );
  expect(await left()).toEqual([{ ...lots[0], left: '2440 g' }]);
  // One of four batches is mixed.
  expect(here.current.lives![0]!.restShare).toBeCloseTo(0.75, 6);

  const last = (step: string): ReturnType<typeof done> => ({ ...done(30, step), did: 'reopened' });
  await act(async () => here.current.actions.act(id, () => [last('layer-1/1:pour')]));
  expect(await left()).toEqual([{ ...lots[0], left: '3000 g' }]);

  await act(async () =>
    here.current.actions.act(id, () => [
      done(31, 'layer-1/1:pour'),
      ...batchDone(32, 'layer-1/2'),
      done(60, 'layer-1/after:bubbles'),
      done(90, 'layer-1/after:bubbles-2'),
      done(500, 'layer-2:ready'),
      ...batchDone(501, 'layer-2/1'),
      ...batchDone(502, 'layer-2/2'),
    ]),
  );
  expect(await left()).toEqual([{ ...lots[0], left: '760 g' }]);
  expect(here.current.lives![0]!.restShare).toBe(0);
  const { piece } = await read<KeptPiece>(`piece/${here.current.lives![0]!.piece!}`);
  expect(piece.pours[0]!.lots).toEqual([
    { name: 'K 412', part: 'both', opened: '2026-05-04', usedG: 2240 },
  ]);
  expect(piece.pours[0]!.mould).toMatchObject({ id: 'tray-mould', castingsBefore: 9 });
  // It is counted once, whatever else is told of the pour.
  await act(async () =>
    here.current.actions.act(id, () => [{ at: done(700, '').at, did: 'demoulded' }]),
  );
  expect((await read<MouldRecord>('mould/tray-mould')).mould.castings).toBe(11);
});

test('what is ticked off in the days comes into the record of its pour, and goes with the tick', async () => {
  const { first, here, id } = await begun();
  await act(async () =>
    here.current.actions.act(id, () => [
      done(0, 'layer-1:ready'),
      ...batchDone(1, 'layer-1/1'),
      ...batchDone(20, 'layer-1/2'),
    ]),
  );
  const { result } = renderHook(useChangeDays, { wrapper: around(first) });
  const outAt = async (): Promise<number | undefined> => {
    const key = `piece/${here.current.lives![0]!.piece!}`;
    const { piece } = JSON.parse((await first.contents([key])).get(key)!) as KeptPiece;
    return piece.pours[0]!.demouldedAt;
  };
  const from = '2026-10-08T10:00:00.000Z';
  const task = { id: 'pour-1/demould', from, to: from };
  await act(async () =>
    result.current.changeTicks('job-1', ({ lines }) => ({ lines, tasks: [task] })),
  );
  expect(await outAt()).toBe(Date.parse(from));
  await act(async () => result.current.changeTicks('job-1', ({ lines }) => ({ lines, tasks: [] })));
  expect(await outAt()).toBeUndefined();
});

test('another plan is taken for what is not begun', async () => {
  const { here, id } = await begun();
  const deeper = copyOf(
    {},
    {
      measure: {
        parts: [{ shape: 'box', length: '250 mm', width: '200 mm', depth: '50 mm', count: 1 }],
      },
    },
  );
  await act(async () => here.current.actions.act(id, () => [done(1, 'layer-1/1:cup')]));
  await act(async () =>
    here.current.actions.replan(id, (before, state) => takenOver(before, deeper, state)),
  );
  const { record, copy: taken } = here.current.live!;
  expect(record.events.at(-1)?.did).toBe('replanned');
  expect(planDifference(copy.plan.pours[0]!, taken.plan.pours[0]!)).toMatchObject([
    { code: 'batch', layer: 1 },
  ]);
});

test('a pour goes with its plan, and comes back with it', async () => {
  const { first, here, id } = await begun();
  const keys = [`live/${id}`, `copies/${id}`];
  let undo: Awaited<ReturnType<typeof here.current.actions.remove>>;
  await act(async () => {
    undo = await here.current.actions.remove(id);
  });
  expect((await first.contents(keys)).size).toBe(0);
  expect(here.current.lives).toEqual([]);
  await act(async () => void (await undo?.()));
  expect((await first.contents(keys)).size).toBe(2);
  expect(here.current.lives).toHaveLength(1);
});

test.each([
  ['no plan', (text: string) => text.replace('"plan":', '"plot":')],
  ['no such pour', (text: string) => text.replace('"pour":0', '"pour":7')],
  ['words for grams', (text: string) => text.replaceAll('"aG":420', '"aG":"420"')],
])('a copy with %s is not poured by', async (_, damage) => {
  const { second, kept, id } = await begun();
  const key = `copies/${id}`;
  kept.set(key, damage(kept.get(key)!));
  const late = await windowAt(second, id);
  await waitFor(() => expect(late.current.live).toBeNull());
});

test('layers that were poured before the bench was opened are not poured again', () => {
  const ticks = new Map([['pour-1/layer-1', { from: 5, to: 9 }]]);
  const on = goneOnWith(copy, ticks);
  const state = benchState(on, []);
  expect(state.layers[0]).toMatchObject({ begunAt: 5, pouredAt: 9, poured: 2, batches: 2 });
  expect(state.lanes.map(({ id }) => id)).toEqual([
    'layer-2',
    'layer-2/1',
    'layer-2/2',
    'layer-2/after',
  ]);
  expect(state.lanes[0]?.isOpen).toBe(true);
  const all = new Map([...ticks, ['pour-1/layer-2', { from: 10, to: 12 }] as const]);
  expect(goneOnWith(copy, all).before).toEqual([]);
});
