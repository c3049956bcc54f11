import { readJob } from '../job/readJob';
import { resolveJob } from '../job/resolveJob';
import { personOf } from '../person/person';
import { planResolved } from '../plan/planJob';
import { benchCopyOf, type BenchCopy } from './benchCopy';
import type { BenchEvent } from './benchEvents';
import { benchState, laneInHand, lookOf } from './benchState';
import { isAfterLane, isBatchLane, type AfterLane } from './lanes';
import { mouldsOfMix, runStand } from './runLanes';

const min = 60_000;

const copyOf = (run: object, more: object = {}): BenchCopy => {
  const job = readJob({
    format: 'nipperkin-job',
    version: 2,
    name: 'Knobs',
    room: { temperature: '23 °C' },
    measure: {
      parts: [{ shape: 'box', length: '40 mm', width: '40 mm', depth: '30 mm', count: 1 }],
    },
    pours: [
      {
        role: 'castings',
        overage: '0 %',
        resin: {
          name: 'Quick',
          family: 'fast-polyurethane',
          ratio: { by: 'weight', a: 1, b: 1 },
          potLife: { time: '5 min', temperature: '23 °C' },
          times: { demould: { time: '35 min', temperature: '23 °C' } },
        },
        run: { mix: '1 min', pour: '1 min', demould: '35 min', handling: '5 min', ...run },
        ...more,
      },
    ],
  });
  const resolved = resolveJob(job, undefined);
  return benchCopyOf(resolved, planResolved(resolved), 0, personOf(undefined));
};

/** Does every step of a lane, one a second. */
function doLane(copy: BenchCopy, events: BenchEvent[], id: string, at: number): number {
  let now = at;
  for (;;) {
    const lane = benchState(copy, events).lanes.find((each) => each.id === id)!;
    if (lane.next === undefined) return now;
    const { kind } = lane.next;
    const group = isBatchLane(lane) ? lane.batch.group : undefined;
    const g =
      kind === 'part-a' ? group!.onScale.aG : kind === 'part-b' ? group!.onScale.bG : undefined;
    events.push({ at: now, did: 'done', step: lane.next.id, ...(g === undefined ? {} : { g }) });
    now += 1000;
  }
}

const mouldLanes = (copy: BenchCopy, events: readonly BenchEvent[]): readonly AfterLane[] =>
  benchState(copy, events)
    .lanes.filter(isAfterLane)
    .filter(({ later }) => later[0]?.code === 'empty-mould');

test('a mix waits for the moulds that it fills, and each mould has its own clock', () => {
  const copy = copyOf({ pieces: 4, moulds: 2, perMix: 1 });
  const events: BenchEvent[] = [];
  doLane(copy, events, 'layer-1', 0);
  const batches = () => benchState(copy, events).lanes.filter(isBatchLane);
  expect(batches().map(({ isOpen }) => isOpen)).toEqual([true, true, false, false]);
  const first = doLane(copy, events, batches()[0]!.id, min);
  const [mould] = mouldLanes(copy, events);
  expect(mould).toMatchObject({ id: 'mould-1/1', isOpen: true });
  expect(lookOf(mould!, mould!.next!).dueAt).toBe(first - 1000 + 35 * min);
  // The other mould is filled before the first is waited for.
  expect(laneInHand(benchState(copy, events))!.id).toBe(batches()[1]!.id);
  doLane(copy, events, batches()[1]!.id, 5 * min);
  expect(batches().map(({ isOpen }) => isOpen)).toEqual([true, true, false, false]);
  expect(laneInHand(benchState(copy, events))!.id).toBe('mould-1/1');
  doLane(copy, events, 'mould-1/1', 40 * min);
  // Emptied, it is free for the third mix, and the second mould still is not for the fourth.
  expect(batches().map(({ isOpen }) => isOpen)).toEqual([true, true, true, false]);
});

test('one that is felt to cool is ready before its clock, and one that is hot is not', () => {
  const copy = copyOf({ pieces: 2, moulds: 1 });
  const events: BenchEvent[] = [];
  doLane(copy, events, 'layer-1', 0);
  doLane(copy, events, benchState(copy, events).lanes.find(isBatchLane)!.id, 0);
  const due = (): number => {
    const [lane] = mouldLanes(copy, events);
    return lookOf(lane!, lane!.steps[0]!).dueAt;
  };
  const byClock = due();
  events.push({ at: 12 * min, did: 'warmed', lane: 'mould-1/1', warmth: 'hot' });
  expect(due()).toBe(byClock);
  events.push({ at: 21 * min, did: 'warmed', lane: 'mould-1/1', warmth: 'cooling' });
  expect(due()).toBe(21 * min);
});

test('good pieces are counted as they come out; what nobody counted is good', () => {
  const copy = copyOf({ pieces: 12, moulds: 1, cavities: 4 });
  const events: BenchEvent[] = [];
  doLane(copy, events, 'layer-1', 0);
  let now = min;
  for (const [at, good] of [undefined, 3, 4].entries()) {
    const batch = benchState(copy, events).lanes.filter(isBatchLane)[at]!;
    now = doLane(copy, events, batch.id, now) + 40 * min;
    const step = `mould-1/${at + 1}:empty-mould`;
    events.push({ at: now, did: 'done', step, ...(good === undefined ? {} : { good }) });
  }
  const state = benchState(copy, events);
  expect(runStand(copy.run!, state.lanes)).toEqual({ good: 11, cast: 12, wanted: 12 });
  expect(state.isOver).toBe(true);
});

test('in a pot every mix is closed in and let out before its moulds are emptied, one after the other', () => {
  const copy = copyOf(
    { pieces: 4, moulds: 2, perMix: 2 },
    { pressure: { gauge: '40 psi', rating: '60 psi', hold: '40 min' } },
  );
  expect(mouldsOfMix(copy.run, 1)).toEqual([1, 2]);
  const events: BenchEvent[] = [];
  doLane(copy, events, 'layer-1', 0);
  const [batch] = benchState(copy, events).lanes.filter(isBatchLane);
  const poured = doLane(copy, events, batch!.id, 0);
  expect(mouldLanes(copy, events).map(({ isOpen }) => isOpen)).toEqual([
    false,
    false,
    false,
    false,
  ]);
  const pot = () =>
    benchState(copy, events)
      .lanes.filter(isAfterLane)
      .find(({ id }) => id === 'mix-1/pot')!;
  events.push({ at: poured + min, did: 'done', step: 'mix-1/pot:close-pot' });
  // It is held from when it was closed.
  expect(lookOf(pot(), pot().next!).dueAt).toBe(poured + min + 40 * min);
  events.push({ at: poured + 41 * min, did: 'done', step: 'mix-1/pot:open-pot' });
  expect(mouldLanes(copy, events).map(({ isOpen }) => isOpen)).toEqual([true, true, false, false]);
});

test('what is no run, or is cast in layers, has no rhythm', () => {
  expect(copyOf({ pieces: 4 }).run).toBeDefined();
  expect(copyOf({ pieces: 4 }, { layers: { heights: ['10 mm'] } }).run).toBeUndefined();
  expect(mouldsOfMix(undefined, 0)).toBeUndefined();
});
