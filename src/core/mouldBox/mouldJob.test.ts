import { benchCopyOf, type BenchCopy } from '../bench/benchCopy';
import type { BenchEvent } from '../bench/benchEvents';
import { benchState } from '../bench/benchState';
import { isAfterLane, isBatchLane } from '../bench/lanes';
import { readJob } from '../job/readJob';
import { resolveJob } from '../job/resolveJob';
import { personOf } from '../person/person';
import { planResolved } from '../plan/planJob';
import { prepareOf, type PrepareLine } from '../prepare/prepareOf';
import { pourRecordOf } from '../record/pourRecordOf';
import { jobDaysOf } from '../timetable/jobDays';
import { sayJoint } from '../../words/layers';
import { sayReadyLines } from '../../words/bench';
import { sayLine } from '../../words/prepare';

/** A mould in two halves and what is cast in it, from the list of preparations to the record. */
const file = {
  format: 'nipperkin-job',
  version: 2,
  name: 'Fender eye',
  room: { temperature: '23 °C' },
  measure: { parts: [{ shape: 'sphere', name: 'Eye', diameter: '40 mm', count: 1 }] },
  scaleStep: '0.1 g',
  pours: [
    {
      name: 'Mould',
      role: 'mould',
      overage: '5 %',
      resin: {
        name: 'Sky rubber',
        family: 'silicone-platinum',
        ratio: { by: 'weight', a: 1, b: 1 },
        densityMixed: '1.08 g/ml',
        potLife: { time: '40 min', temperature: '23 °C' },
        times: { demould: { time: '6 h', temperature: '23 °C' }, fullCure: { time: '24 h' } },
      },
      mouldBox: { halves: 'two', spout: '8 mm', vents: 2, material: 'filament-print', keys: 4 },
    },
    {
      name: 'Castings',
      role: 'castings',
      overage: '0 %',
      resin: {
        name: 'Quick white',
        family: 'fast-polyurethane',
        ratio: { by: 'weight', a: 1, b: 1 },
        potLife: { time: '5 min', temperature: '23 °C' },
        times: { demould: { time: '20 min', temperature: '23 °C' } },
      },
      pressure: { gauge: '40 psi', rating: '60 psi', hold: '30 min' },
      run: { pieces: 4, moulds: 2, mix: '1 min', handling: '5 min' },
    },
  ],
};

const person = personOf(undefined);
const resolved = resolveJob(readJob(file), undefined);
const plan = planResolved(resolved);
const lines = prepareOf(resolved, plan, person);
const plain = (text: string): string => text.replaceAll('\u00a0', ' ');
const lineOf = (code: PrepareLine['code']): PrepareLine =>
  lines.find((line) => line.code === code)!;

test('the list of preparations: sealed, tried, bedded, boxed, with its spout and vents, and release twice', () => {
  expect(lines.filter(({ pour }) => pour === 0).map(({ code }) => code)).toEqual(
    expect.arrayContaining([
      'seal-master',
      'test-patch',
      'clay-bed',
      'build-box',
      'spout-vents',
      'release',
    ]),
  );
  expect(plain(sayLine(lineOf('build-box')))).toBe('Build the mould box, 64 × 64 × 64 mm inside');
  expect(plain(sayLine(lineOf('spout-vents')))).toBe('Set the spout, 8 mm and 2 vents');
  expect(plain(sayLine(lineOf('clay-bed')))).toBe('Bed the piece in clay, up to 20 mm of it');
  // The test stands as long as the rubber takes before it may be opened.
  expect(lineOf('test-patch').wait!.fromMin).toBeCloseTo(6 * 60, 6);
  const castings = lines.filter(({ pour, code }) => pour === 1 && code === 'clean-mould');
  expect(castings).toHaveLength(1);
});

test('the days: the half is turned over once it may be opened, the second poured after it, the castings after that', () => {
  const { tasks } = jobDaysOf('job', resolved, plan, person).tasks;
  const byKind = (kind: string) => tasks.filter((task) => task.kind === kind);
  const [turn] = byKind('turn-mould');
  expect(turn).toMatchObject({ minutes: 45, tie: { to: 'pour-1/layer-1' } });
  expect(turn!.tie!.fromMin).toBeCloseTo(6 * 60, 6);
  expect(byKind('scuff')).toEqual([]);
  const [, second, cast] = byKind('pour');
  expect(second!.tie!.to).toBe(turn!.id);
  expect(cast!.tie!.to).toBe(second!.id);
  expect(cast!.tie!.fromMin).toBeCloseTo(6 * 60, 6);
});

test('what joins the halves is told as what it is, and asked for before the second is poured', () => {
  const { joint } = plan.pours[0]!.layers[1]!;
  expect(plain(sayJoint(joint!))).toMatch(
    /second half is poured after about 6 h.*turned over, clay off, release/,
  );
  const usual = {
    hasGear: true,
    hasLevel: true,
    hasCups: true,
    torchAndAlcohol: false,
    onCoat: false,
  };
  expect(sayReadyLines({ ...usual, joint: 'halves' }).map(({ id }) => id)).toEqual([
    'turned',
    'released',
  ]);
});

test('the pot takes the box of the mould without anybody measuring it', () => {
  const withPot = {
    ...file,
    pours: [
      file.pours[0]!,
      {
        ...file.pours[1]!,
        pressure: {
          gauge: '40 psi',
          rating: '60 psi',
          pot: { diameter: '240 mm', height: '300 mm' },
          count: 2,
        },
      },
    ],
  };
  // Boxes of 64 by 64: four of them lie across a pot of 240, and four storeys stand in 300.
  const { fit } = planResolved(resolveJob(readJob(withPot), undefined)).pours[1]!.pressure!;
  expect(fit!.count).toBeGreaterThanOrEqual(16);
  const narrow = { ...withPot.pours[1]!.pressure, pot: { diameter: '80 mm', height: '300 mm' } };
  expect(() =>
    planResolved(
      resolveJob(
        readJob({
          ...withPot,
          pours: [file.pours[0]!, { ...withPot.pours[1]!, pressure: narrow }],
        }),
        undefined,
      ),
    ),
  ).toThrow(expect.objectContaining({ code: 'pot-too-small' }));
});

describe('at the bench', () => {
  const copy: BenchCopy = benchCopyOf(resolved, plan, 1, person);
  const events: BenchEvent[] = [];
  const doAll = (id: string, at: number, more: Partial<BenchEvent> = {}): number => {
    let now = at;
    for (;;) {
      const lane = benchState(copy, events).lanes.find((each) => each.id === id)!;
      if (lane.next === undefined) return now;
      const g = isBatchLane(lane)
        ? { 'part-a': lane.batch.group.onScale.aG, 'part-b': lane.batch.group.onScale.bG }[
            lane.next.kind as 'part-a' | 'part-b'
          ]
        : undefined;
      events.push({
        at: now,
        did: 'done',
        step: lane.next.id,
        ...(g === undefined ? {} : { g }),
        ...more,
      });
      now += 1000;
    }
  };

  it('writes down how long the pot was held, what came out, and what the mould was of', () => {
    let now = doAll('layer-1', 0);
    const mixes = benchState(copy, events).lanes.filter(isBatchLane);
    expect(mixes).toHaveLength(2);
    for (const [mix, { id }] of mixes.entries()) {
      now = doAll(id, now);
      const pot = `mix-${mix + 1}/pot`;
      events.push({ at: now, did: 'done', step: `${pot}:close-pot` });
      now += (mix === 0 ? 32 : 28) * 60_000;
      events.push({ at: now, did: 'done', step: `${pot}:open-pot` });
      const out = benchState(copy, events)
        .lanes.filter(isAfterLane)
        .filter(({ isOpen, next, id: of }) => isOpen && next !== undefined && of !== pot);
      for (const lane of out) now = doAll(lane.id, now, { good: mix });
    }
    const state = benchState(copy, events);
    expect(state.isOver).toBe(true);
    const nothing = { lines: new Set<string>(), tasks: new Map<string, number>() };
    const { special } = pourRecordOf(copy, state, 'live', nothing);
    expect(special).toMatchObject({
      pressureKPa: expect.closeTo(275.8, 1),
      mouldPressureKPa: 0,
      potHeldMin: 28,
      cast: 4,
      good: 2,
    });
    const mould = benchCopyOf(resolved, plan, 0, person);
    expect(pourRecordOf(mould, benchState(mould, []), 'live', nothing).special).toMatchObject({
      curedOn: 'filament-print',
      wallMm: expect.closeTo(12, 6),
    });
  });
});
