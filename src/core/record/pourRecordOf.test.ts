import type { BenchEvent } from '../bench/benchEvents';
import { benchState } from '../bench/benchState';
import { at, batchDone, copyOf, done } from '../bench/testBench';
import { diagnose } from '../diagnose/diagnose';
import { pourRecordOf } from './pourRecordOf';
import { readRecord } from './recordFile';

const copy = copyOf();
const whole: readonly BenchEvent[] = [
  done(0, 'layer-1:ready'),
  ...batchDone(1, 'layer-1/1'),
  ...batchDone(15, 'layer-1/2', { bG: 148.4 }),
  // Nobody put it right.
  { at: at(17), did: 'skipped', step: 'layer-1/2:more-a', text: 'no time' },
  done(36, 'layer-1/after:bubbles'),
  { at: at(60), did: 'read', place: 'room', c: 15 },
  { at: at(200), did: 'read', place: 'core', c: 24.5 },
  { at: at(210), did: 'heating', lane: 'layer-1/2' },
];

const recordOf = (
  events: readonly BenchEvent[],
  lines: ReadonlySet<string> = new Set(),
  tasks: ReadonlyMap<string, number> = new Map(),
) => pourRecordOf(copy, benchState(copy, events), 'live-1', { lines, tasks });

test('a pour at the bench becomes a record: weights, times, readings, what was left out', () => {
  const pour = recordOf(whole);
  expect(pour).toMatchObject({ live: 'live-1', family: 'casting-epoxy', roomC: 15 });
  const [first, second] = pour.layers;
  expect(first).toMatchObject({ depthMm: 20, begunAt: at(1), pouredAt: at(25), joint: undefined });
  expect(first!.batches).toHaveLength(2);
  expect(first!.batches[1]).toMatchObject({
    id: 'layer-1/2',
    plannedAG: 420,
    aG: 420,
    bG: 148.4,
    metAt: at(17),
    pouredAt: at(25),
    stirredMin: 3,
    plannedStirMin: 3,
    secondCup: true,
    rest: 'rest',
    heatedAt: at(210),
  });
  expect(first!.bubblePasses.map(({ doneAt }) => doneAt)).toEqual([at(36), undefined]);
  // The second layer was planned, and never begun.
  expect(second).toMatchObject({ begunAt: undefined, batches: [], bubblePasses: [] });
  expect(second!.window!.fromMin).toBeGreaterThan(0);
  expect(pour.readings).toEqual([
    { at: at(60), place: 'room', c: 15 },
    { at: at(200), place: 'core', c: 24.5 },
  ]);
  expect(pour.card).not.toHaveProperty('kits');
  expect(pour.cost).toBeCloseTo((1128.4 / 1000) * (96 / 3.36), 1);
});

test('it is a record that a file may hold, and that tells why', () => {
  const record = readRecord(
    JSON.parse(
      JSON.stringify({
        format: 'nipperkin-record',
        version: 1,
        name: 'Tray',
        madeAt: at(0),
        pours: [recordOf(whole)],
        faults: [{ kind: 'tacky' }],
      }),
    ),
  );
  expect(
    diagnose(record)
      .causes.slice(0, 2)
      .map(({ code }) => code),
  ).toEqual(['ratio-off', 'too-cold']);
});

test('what was made ready is known where somebody keeps the list', () => {
  expect(recordOf(whole).released).toBeUndefined();
  const kept = recordOf(whole, new Set(['release/form']));
  expect([kept.released, kept.formSealed]).toEqual([true, false]);
});

test('what was skipped is told as skipped', () => {
  const skipped = whole.map((event) =>
    event.step === 'layer-1/1:rest' || event.step === 'layer-1/1:second-cup'
      ? { ...event, did: 'skipped' as const }
      : event,
  );
  const [batch] = recordOf(skipped).layers[0]!.batches;
  expect(batch).toMatchObject({ rest: undefined, restSkipped: true, secondCup: false });
});

test('what is ticked off in the days is in the record; what was told at the watch stands over it', () => {
  const ticked = new Map([
    ['pour-1/demould', at(4000)],
    ['pour-1/plane', at(20_000)],
  ]);
  expect(recordOf(whole, undefined, ticked)).toMatchObject({
    demouldedAt: at(4000),
    machinedAt: at(20_000),
    fanOffAt: undefined,
  });
  const told = recordOf([...whole, { at: at(3900), did: 'demoulded' }], undefined, ticked);
  expect(told.demouldedAt).toBe(at(3900));
});
