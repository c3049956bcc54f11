import type { ScaleReading } from '../instruments/scaleReading';
import { readScaleLine } from '../instruments/scaleLines';
import {
  commanded,
  emptyScale,
  lineOf,
  scaleAfter,
  usualNature,
  type ScaleCommand,
} from '../instruments/simulatedScale';
import {
  answered,
  beginWeighing,
  countFromHere,
  isStill,
  itIsResin,
  restingContentG,
  standingOf,
  weighed,
  type Weighing,
  type WeighingNotice,
} from './weighing';

const rules = { stepG: 0.1 };

/** A simulated scale with somebody at it, and what the bench makes of what it says. */
function bench(start: Weighing = beginWeighing(), nature = usualNature) {
  let scale = emptyScale(11, nature);
  let [weighing, ms] = [start, 0];
  const notices: WeighingNotice[] = [];
  const run = (seconds: number): void => {
    for (let turn = 0; turn < seconds * 10; turn += 1) {
      scale = scaleAfter(scale, 0.1);
      ms += 100;
      weighing = weighed(weighing, readScaleLine('flags', lineOf(scale))!, ms, rules);
      if (weighing.notice !== undefined) notices.push(weighing.notice);
    }
  };
  return {
    run,
    do: (command: ScaleCommand, seconds = 4): Weighing => {
      scale = commanded(scale, command);
      run(seconds);
      return weighing;
    },
    change: (change: (before: Weighing) => Weighing): void => {
      weighing = change(weighing);
    },
    get now() {
      return weighing;
    },
    notices,
  };
}

test('a cup is seen, its tare is seen, and then resin is poured', () => {
  const at = bench();
  expect(at.now.phase).toBe('bare');
  expect(at.do({ do: 'put-cup', vesselG: 31 }).phase).toBe('cup');
  expect(at.do({ do: 'tare' })).toMatchObject({ phase: 'pouring', heldG: 0 });
  expect(at.notices).toEqual([{ code: 'tared' }]);
  const after = at.do({ do: 'pour', g: 420, hand: 'exact' }, 12);
  expect(after.contentG).toBeCloseTo(420, 0);
  expect(isStill(after)).toBe(true);
});

test('a reading at rest that flickers by its last digit is written down as its middle one', () => {
  const reads = (g: number): ScaleReading => ({
    raw: `${g} g`,
    g,
    unit: 'g',
    stable: undefined,
    trouble: undefined,
    resolutionG: 0.1,
  });
  const readings = [437.9, ...Array<number>(14).fill(438), 437.9];
  const last = readings.reduce(
    (before, g, turn) => weighed(before, reads(g), turn * 100, rules),
    beginWeighing(0, true),
  );
  expect(isStill(last)).toBe(true);
  expect(last.contentG).toBe(437.9);
  expect(restingContentG(last)).toBe(438);
  // While it runs in, what was read last counts.
  expect(restingContentG(weighed(last, reads(445), 1_700, rules))).toBe(445);
});

test('a scale that was tared before counts from the first drop', () => {
  const at = bench();
  at.do({ do: 'put-cup', vesselG: 31 });
  at.do({ do: 'tare' });
  at.change(() => beginWeighing());
  at.run(2);
  expect(at.now.phase).toBe('bare');
  const after = at.do({ do: 'pour', g: 200, hand: 'careful' }, 30);
  expect(after.phase).toBe('pouring');
  expect(after.contentG).toBeCloseTo(200, 0);
});

test('without a tare it counts from where one says', () => {
  const at = bench();
  at.do({ do: 'put-cup', vesselG: 31 });
  at.change(countFromHere);
  expect(at.do({ do: 'pour', g: 50, hand: 'exact' }, 8).contentG).toBeCloseTo(50, 0);
  expect(itIsResin({ ...at.now, phase: 'cup' }).phase).toBe('pouring');
});

test('a cup that is lifted stops the counting, and what it holds is known when it is back', () => {
  const at = bench();
  at.do({ do: 'put-cup', vesselG: 31 });
  at.do({ do: 'tare' });
  at.do({ do: 'pour', g: 300, hand: 'exact' }, 12);
  expect(at.do({ do: 'lift' })).toMatchObject({ phase: 'lifted' });
  expect(at.now.heldG).toBeCloseTo(300, 0);
  const back = at.do({ do: 'put-back' });
  expect(back.phase).toBe('pouring');
  expect(back.contentG).toBeCloseTo(300, 0);
  expect(at.notices.map(({ code }) => code)).toEqual(['tared', 'lifted', 'back']);
});

test('a cup that is lifted while it is poured into is known by what was read last', () => {
  const reads = (line: string, ms: number, before: Weighing): Weighing =>
    weighed(before, readScaleLine('letters', line)!, ms, rules);
  let now = beginWeighing(0, true);
  now = reads('S D 120.0 g', 100, now);
  now = reads('S D 200.0 g', 200, now);
  now = reads('S D -31.0 g', 300, now);
  expect(now).toMatchObject({ phase: 'lifted', heldG: 200 });
  for (let ms = 400; ms < 3000; ms += 100) now = reads('S S 200.5 g', ms, now);
  expect(now).toMatchObject({ phase: 'pouring', contentG: 200.5 });
});

test('tared between A and B: what was in the cup is still in it', () => {
  // The scale reads 420 with all of A in, and is then set to nothing.
  const reading = (g: number, ms: number, before: Weighing): Weighing =>
    weighed(before, { ...readScaleLine('flags', 'ST,GS,+ 1.0 g')!, g }, ms, rules);
  let now = reading(420, 0, beginWeighing(420));
  now = reading(420, 1000, now);
  now = reading(420, 2000, now);
  for (let ms = 2100; ms < 4500; ms += 100) now = reading(0, ms, now);
  expect(now).toMatchObject({ phase: 'pouring', contentG: 420, zeroG: -420 });
  for (let ms = 4500; ms < 7000; ms += 100) now = reading(140, ms, now);
  expect(now.contentG).toBe(560);
});

test('tared with something in it that nobody weighed: the person says what it was', () => {
  const at = bench({ ...beginWeighing(), phase: 'pouring' });
  at.do({ do: 'put-cup', vesselG: 31 });
  expect(at.now.contentG).toBeCloseTo(31, 0);
  expect(at.do({ do: 'tare' }).phase).toBe('asked');
  expect(answered(at.now, 'cup')).toMatchObject({ phase: 'pouring', heldG: 0 });
  expect(answered(at.now, 'cup').contentG).toBeCloseTo(0, 0);
  expect(answered(at.now, 'resin').contentG).toBeCloseTo(31, 0);
  at.change((before) => answered(before, 'cup'));
  expect(at.do({ do: 'pour', g: 50, hand: 'exact' }, 8).contentG).toBeCloseTo(50, 0);
});

test('another unit is noticed, and counted in grams', () => {
  const at = bench();
  at.do({ do: 'put-cup', vesselG: 31 });
  at.do({ do: 'tare' });
  at.do({ do: 'pour', g: 100, hand: 'exact' }, 8);
  const after = at.do({ do: 'unit', unit: 'oz weight' });
  expect(at.notices.at(-1)).toEqual({ code: 'unit', from: 'g', to: 'oz weight' });
  expect(after.contentG).toBeCloseTo(100, 0);
});

test('a scale with no figure is told, and the weighing goes on from where it was', () => {
  const trouble: ScaleReading = { ...readScaleLine('flags', 'OL,GS,+9999.9 g')! };
  const before = { ...beginWeighing(420), heldG: 420 };
  const during = weighed(before, trouble, 100, rules);
  expect(during).toMatchObject({ trouble: 'overload', contentG: 420, phase: 'pouring' });
  const after = weighed(during, readScaleLine('flags', 'ST,GS,+ 421.0 g')!, 200, rules);
  expect(after).toMatchObject({ trouble: undefined, contentG: 421 });
});

test('a coarse scale that flickers by its step comes to rest', () => {
  let now = beginWeighing(0, true);
  for (let turn = 0; turn < 20; turn += 1) {
    const g = turn % 2 === 0 ? 420 : 425;
    now = weighed(now, readScaleLine('plain', `${g} g`)!, turn * 200, { stepG: 5 });
  }
  expect(isStill(now)).toBe(true);
});

test.each([
  [300, { isNear: false, isThere: false, isOver: false }],
  [400, { isNear: true, isThere: false, isOver: false }],
  [419.5, { isNear: true, isThere: true, isOver: false }],
  [421, { isThere: true, isOver: false }],
  [438, { isThere: true, isOver: true }],
])('%d g for 420', (contentG, expected) => {
  const standing = standingOf(contentG, 420, 420, 0.1);
  expect(standing).toMatchObject(expected);
  expect(standing.toPourG).toBe(420 - contentG);
});
