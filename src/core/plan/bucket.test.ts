import * as fc from 'fast-check';
import {
  heatFamilies,
  heatConstantsOf,
  type HeatFamily,
  type ResinFamily,
} from '../resin/families';
import { bucketHeat } from '../thermal/bucket';
import { bucketCurve } from '../thermal/bucketCurve';
import { calibrate, curingOf } from '../thermal/calibrate';
import { adiabaticRiseK, rateOf } from '../thermal/curing';
import { planOne, readOne } from '../../testing/planOne';
import { usualCard } from '../../testing/usualCard';
import { runs } from '../../testing/campaign';

interface Case {
  readonly family: HeatFamily;
  readonly room: string;
  readonly depth?: string;
  readonly amount?: string;
  readonly change?: object;
  readonly card?: object;
}

const planOf = ({ family, room, depth, amount, change = {}, card = {} }: Case) => {
  const part =
    amount === undefined
      ? { shape: 'box', length: '2000 mm', width: '1000 mm', depth }
      : { shape: 'amount', amount };
  const job = {
    format: 'nipperkin-job',
    version: 1,
    name: 'A bucket',
    room: { temperature: room },
    overage: '8 %',
    measure: { parts: [part] },
    resin: usualCard(family, card),
    ...change,
  };
  return planOne(readOne(job));
};

const square = { measure: { parts: [] as object[] } };
const sheet = (depth: string) => ({
  ...square,
  measure: { parts: [{ shape: 'box', length: '1000 mm', width: '1000 mm', depth }] },
});

/** All of it in one batch, as the person insists. */
const insisted = (given: Case) => planOf({ ...given, change: { ...given.change, batches: 1 } });

const cases: readonly (readonly [string, Case, number, number])[] = [
  [
    'coating epoxy, 5 mm over 2 m², out of a bath',
    { family: 'coating-epoxy', room: '22 °C', depth: '5 mm', change: { heat: { bath: '38 °C' } } },
    9.2,
    12.7,
  ],
  [
    'casting epoxy, 18 mm over 1 m², out of a bath',
    {
      family: 'casting-epoxy',
      room: '22 °C',
      change: { ...sheet('18 mm'), heat: { bath: '38 °C' } },
    },
    18.5,
    25.5,
  ],
  [
    'the same in a shed of 22 to 36 °C at three in the afternoon',
    {
      family: 'casting-epoxy',
      room: '18 °C',
      change: {
        ...sheet('18 mm'),
        heat: { day: { lowest: '22 °C', highest: '36 °C' }, pouredAt: '15:00' },
      },
    },
    23.1,
    30.1,
  ],
  [
    'casting epoxy, 24.8 mm over 1 m² at 30 °C',
    { family: 'casting-epoxy', room: '30 °C', change: sheet('24.8 mm') },
    41.7,
    48.6,
  ],
];

describe.each(cases)('%s', (_, given, pourableMin, hotMin) => {
  test('in one batch it goes off, and it is warned of with what would do', () => {
    const plan = insisted(given);
    const [batch] = plan.batches;
    expect(plan.batches).toHaveLength(1);
    expect(batch!.bucket.pourableMin! / pourableMin).toBeCloseTo(1, 1);
    expect(batch!.bucket.hotMin! / hotMin).toBeCloseTo(1, 1);
    expect(batch!.bucket.needsMin).toBeGreaterThan(batch!.bucket.pourableMin!);
    const warning = plan.warnings.find(({ code }) => code === 'over-pot-life');
    expect(warning?.severity).toBe('warn');
    expect(warning?.data).toMatchObject({
      potLifeMin: batch!.bucket.pourableMin,
      hotMin: batch!.bucket.hotMin,
      batches: expect.any(Number) as number,
    });
  });

  test('planned by itself it is mixed in batches that can be poured in time, and all in one is told', () => {
    const plan = planOf(given);
    expect(plan.batches.length).toBeGreaterThan(1);
    for (const { bucket, rule } of plan.batches) {
      expect(rule).toBe('pot-life');
      expect(bucket.needsMin).toBeLessThanOrEqual((bucket.pourableMin! * 2) / 3 + 1e-6);
    }
    const told = plan.warnings.find(({ code }) => code === 'split-by-pot-life');
    const whole = insisted(given).batches[0]!.bucket;
    expect(told?.data).toMatchObject({ potLifeMin: whole.pourableMin, hotMin: whole.hotMin });
    expect(plan.working).toMatchObject({ by: 'bucket', keptBack: 1 / 3 });
  });
});

test('6 kg of a fast epoxy at 25 °C: no batch over 3.6 kg, and the share kept back is the person’s', () => {
  const fast = (change: object) =>
    planOf({ family: 'fast-epoxy', room: '25 °C', amount: '6 kg', change });
  const most = (change: object) => Math.max(...fast(change).batches.map(({ g }) => g));
  expect(most({})).toBeLessThanOrEqual(3600);
  expect(fast({}).batches).toHaveLength(2);
  expect(fast({ mixing: { keptBack: '0 %' } }).batches.length).toBeLessThanOrEqual(2);
  expect(most({ mixing: { keptBack: '60 %' } })).toBeLessThan(most({}));
  expect(() => fast({ mixing: { keptBack: '90 %' } })).toThrow(
    expect.objectContaining({ code: 'too-large', field: 'mixing.keptBack' }) as Error,
  );
});

test('4 kg of a fast polyurethane at 30 °C as an amount: warned of', () => {
  const given: Case = { family: 'fast-polyurethane', room: '30 °C', amount: '4 kg' };
  const split = planOf(given);
  expect(split.batches.length).toBeGreaterThan(5);
  expect(split.warnings.map(({ code }) => code)).toContain('split-by-pot-life');
  const [one] = insisted(given).batches;
  expect(one!.bucket.pourableMin).toBeLessThan(3);
  expect(insisted(given).warnings.map(({ code }) => code)).toContain('over-pot-life');
});

test('what would do is worked out: each way by itself lasts', () => {
  const given: Case = {
    family: 'coating-epoxy',
    room: '24 °C',
    amount: '12 kg',
    card: {
      hardenerName: 'Usual',
      hardeners: [{ name: 'Slow', potLife: { time: '3 h', mass: '150 g', temperature: '25 °C' } }],
    },
  };
  const warning = insisted(given).warnings.find(({ code }) => code === 'over-pot-life');
  if (warning?.code !== 'over-pot-life') throw new Error('not warned');
  const { data } = warning as Extract<typeof warning, { code: 'over-pot-life' }>;
  expect(data.hardeners).toEqual(['Slow']);
  const codesOf = (change: Partial<Case>) =>
    planOf({ ...given, ...change })
      .warnings.map(({ code }) => code)
      .filter((code) => code === 'over-pot-life');
  expect(codesOf({ change: { batches: data.batches } })).toEqual([]);
  expect(codesOf({ change: { batches: data.batches! - 1 } })).toEqual(['over-pot-life']);
  expect(codesOf({ change: { batches: 1, hardener: 'Slow' } })).toEqual([]);
  if (data.coolerC !== undefined) {
    expect(codesOf({ room: `${data.coolerC} °C`, change: { batches: 1 } })).toEqual([]);
    expect(codesOf({ room: `${data.coolerC + 1} °C`, change: { batches: 1 } })).toHaveLength(1);
  }
});

test('without a pot life the family’s usual one stands; what has no model goes by the halving rule', () => {
  const bare = planOf({
    family: 'coating-epoxy',
    room: '22 °C',
    amount: '15 kg',
    card: { potLife: undefined, depth: undefined },
  });
  expect(bare.working.by).toBe('family');
  expect(bare.batches.length).toBeGreaterThan(1);
  const silicone = (potLife: object | undefined) =>
    planOf({
      family: 'coating-epoxy',
      room: '33 °C',
      amount: '2 kg',
      card: { family: 'silicone-tin' satisfies ResinFamily, potLife, depth: undefined },
    });
  const halved = silicone({ time: '30 min', temperature: '23 °C' });
  expect(halved.working).toMatchObject({ by: 'halving', potLifeMin: 15 });
  expect(halved.batches[0]!.bucket).toMatchObject({ pourableMin: 15, hotMin: null });
  const unknown = silicone(undefined);
  expect(unknown.working).toMatchObject({ by: 'nothing', potLifeMin: undefined });
  expect(unknown.batches[0]!.bucket.pourableMin).toBeNull();
});

test('without any loss of heat the times are the integral of the cure: 18.5, 25.5 and 48.6 min', () => {
  // Twenty kilograms lose next to nothing in half an hour: T = T₀ + (H/c) α, and dt = dα / r.
  const curing = curingOf(
    'casting-epoxy',
    calibrate('casting-epoxy', heatConstantsOf('casting-epoxy').label),
  );
  const exactMin = (startC: number, endC: number): number => {
    const riseK = adiabaticRiseK(curing);
    const end = (endC - startC) / riseK;
    const pieces = 2000;
    let seconds = 0;
    for (let piece = 0; piece < pieces; piece += 1) {
      const alpha = ((piece + 0.5) / pieces) * end;
      seconds += end / pieces / rateOf(curing, startC + riseK * alpha, alpha);
    }
    return seconds / 60;
  };
  expect(exactMin(38, 50)).toBeCloseTo(18.46, 1);
  expect(exactMin(38, 60)).toBeCloseTo(25.49, 1);
  expect(exactMin(30, 60)).toBeCloseTo(48.59, 1);
  for (const [resinC, massG] of [
    [38, 21_300],
    [30, 29_400],
  ] as const) {
    const place = { curing, vesselMl: undefined, resinC, roomC: resinC };
    const { pourableMin, hotMin } = bucketHeat(place, massG / 1.1);
    expect(pourableMin! / exactMin(resinC, 50)).toBeCloseTo(1, 1.5);
    expect(hotMin! / exactMin(resinC, 60)).toBeCloseTo(1, 1.5);
  }
});

test('a curve read between its points is the batch followed by itself; more goes off sooner', () => {
  const draw = fc.record({
    family: fc.constantFrom(...heatFamilies),
    roomC: fc.integer({ min: 12, max: 34 }),
    // Cold resin in a warm room warms sooner where there is less of it.
    warmerK: fc.integer({ min: 0, max: 15 }),
    volumeMl: fc.double({ min: 60, max: 20_000, noNaN: true }),
    vesselMl: fc.option(fc.constantFrom(1000, 5000, 20_000), { nil: undefined }),
  });
  fc.assert(
    fc.property(draw, ({ family, roomC, warmerK, volumeMl, vesselMl }) => {
      const { curing } = heatConstantsOf(family);
      const place = { curing, vesselMl, resinC: roomC + warmerK, roomC };
      const curve = bucketCurve(place);
      const [read, more, followed] = [
        curve.at(volumeMl),
        curve.at(volumeMl * 1.7),
        bucketHeat(place, volumeMl),
      ];
      if (followed.pourableMin !== undefined) {
        expect(read.pourableMin! / followed.pourableMin).toBeCloseTo(1, 1.5);
        expect(more.pourableMin!).toBeLessThanOrEqual(read.pourableMin! * 1.03);
      }
      if (followed.hotMin !== undefined && read.hotMin !== undefined) {
        expect(read.hotMin / followed.hotMin).toBeCloseTo(1, 1);
        expect(read.hotMin).toBeGreaterThanOrEqual(read.pourableMin! * 0.97);
      }
    }),
    { numRuns: runs(40, 400) },
  );
});

test('where a batch is just large enough to run away it is not read between two others', () => {
  const { curing } = heatConstantsOf('coating-epoxy');
  const place = { curing, vesselMl: 20_000, resinC: 23, roomC: 23 };
  for (const volumeMl of [655, 675, 720]) {
    const [read, followed] = [bucketCurve(place).at(volumeMl), bucketHeat(place, volumeMl)];
    expect(read.hotMin! / followed.hotMin!).toBeCloseTo(1, 2);
  }
});

test('a flat batch in a wide bucket lasts longer than the same as high as wide', () => {
  const { curing } = heatConstantsOf('coating-epoxy');
  const at = (vesselMl: number | undefined) =>
    bucketCurve({ curing, vesselMl, resinC: 23, roomC: 23 }).at(2000);
  expect(at(20_000).pourableMin!).toBeGreaterThan(at(undefined).pourableMin! * 1.1);
  expect(at(2000).pourableMin! / at(undefined).pourableMin!).toBeCloseTo(1, 3);
});
