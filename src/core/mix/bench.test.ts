import * as fc from 'fast-check';
import { bandOf, correctionOf, type MixTarget } from './correction';
import { splitIntoBatches, type BatchLimits } from './batches';
import { cupMarksOf } from './cupMarks';
import { inCup } from './onScale';
import { strokesOf } from './strokes';
import { lastingMin, workingMin } from './working';

const grams = fc.double({ min: 1, max: 3000, noNaN: true });
const ratio = fc.double({ min: 0.2, max: 20, noNaN: true });

describe('over-poured', () => {
  const target = (aG: number, massAPerB: number): MixTarget => ({
    aG,
    bG: aG / massAPerB,
    massAPerB,
    mixedDensityGPerMl: 1.1,
    limitMl: undefined,
    stepG: 1,
  });

  test('nothing is poured back, the ratio is right in the end, and there is no less than was wanted', () => {
    const poured = fc.record({ aG: fc.option(grams), bG: fc.option(grams) });
    fc.assert(
      fc.property(grams, ratio, poured, (aG, massAPerB, said) => {
        const mix = target(aG, massAPerB);
        const inCupNow = { aG: said.aG ?? undefined, bG: said.bG ?? undefined };
        const found = correctionOf(mix, inCupNow);
        expect(found.a.g).toBeGreaterThanOrEqual((inCupNow.aG ?? 0) - 1e-9);
        expect(found.b.g).toBeGreaterThanOrEqual((inCupNow.bG ?? 0) - 1e-9);
        expect(found.a.addG).toBeGreaterThanOrEqual(-1e-9);
        expect(found.b.addG).toBeGreaterThanOrEqual(-1e-9);
        expect(found.a.g / found.b.g / massAPerB).toBeCloseTo(1, 9);
        expect(found.totalG).toBeGreaterThanOrEqual(mix.aG + mix.bG - 1e-9);
        expect(found.surplusG).toBeCloseTo(Math.max(0, found.totalG - mix.aG - mix.bG), 9);
      }),
    );
  });

  test('what was planned needs no correction', () => {
    const found = correctionOf(target(420, 3), { aG: 420, bG: 140 });
    expect(found).toMatchObject({
      a: { addG: 0 },
      b: { addG: 0 },
      ratioErrorPercent: 0,
      band: 'fine',
      surplusMl: 0,
      fitsCup: true,
    });
  });

  test.each([
    [0.02, 'fine'],
    [0.0201, 'tell'],
    [-0.05, 'tell'],
    [0.0501, 'soft'],
    [-0.1, 'soft'],
    [0.1001, 'do-not-pour'],
    [-1, 'do-not-pour'],
  ])('%d off the ratio is in the band %s', (error, band) => {
    expect(bandOf(error)).toBe(band);
  });
});

describe('strokes', () => {
  test('cover A, come in whole rounds, and tell how far they are off', () => {
    const stroke = fc.double({ min: 2, max: 60, noNaN: true });
    fc.assert(
      fc.property(grams, ratio, stroke, stroke, (aMl, volumeAPerB, strokeA, strokeB) => {
        const { perRound, rounds, a, b, ml, ratioError } = strokesOf(
          aMl,
          volumeAPerB,
          strokeA,
          strokeB,
        );
        expect([a, b]).toEqual([rounds * perRound.a, rounds * perRound.b]);
        expect(a * strokeA).toBeGreaterThanOrEqual(aMl * (1 - 1e-8));
        expect((a - perRound.a) * strokeA).toBeLessThan(aMl);
        expect(ml).toBeCloseTo(a * strokeA + b * strokeB, 6);
        expect((b * strokeB * volumeAPerB) / (a * strokeA) - 1).toBeCloseTo(ratioError, 9);
        expect(Math.max(perRound.a, perRound.b)).toBeLessThanOrEqual(6);
      }),
    );
  });

  test.each([
    [2, 10, 10, { a: 2, b: 1 }],
    [1, 10, 10, { a: 1, b: 1 }],
    [1.5, 10, 10, { a: 3, b: 2 }],
    [4, 20, 5, { a: 1, b: 1 }],
  ])('%d : 1 with strokes of %d and %d ml', (volumeAPerB, strokeA, strokeB, perRound) => {
    expect(strokesOf(100, volumeAPerB, strokeA, strokeB)).toMatchObject({
      perRound,
      ratioError: 0,
    });
  });
});

test('the marks of a cup hold the ratio as far as they can show it', () => {
  expect(inCup(523.875, 3, 5)).toEqual({
    stepMl: 5,
    aMl: 525,
    bMl: 175,
    totalMl: 700,
    ratioError: 0,
  });
  expect(inCup(523.875, 3, 20)).toMatchObject({ aMl: 540, bMl: 180 });
  expect(inCup(12, undefined, 5)).toEqual({
    stepMl: 5,
    aMl: 15,
    bMl: 0,
    totalMl: 15,
    ratioError: 0,
  });
});

test('water for a mark: 120 ml at 21 °C are 119.76 g, in the cold a little more', () => {
  const [warm] = cupMarksOf([120], 21);
  const [cold] = cupMarksOf([120], 4);
  expect(warm?.waterG).toBeCloseTo(119.76, 2);
  expect(cold?.waterG).toBeCloseTo(120, 2);
});

test('what a batch takes, and how long it must last for that with a third kept back', () => {
  const working = {
    labelMin: 20,
    stirMin: 5,
    pourMlPerMin: 200,
    stirAssumed: false,
    pourAssumed: false,
    keptBack: 1 / 3,
  };
  expect(workingMin(3000, working)).toBe(20);
  expect(lastingMin(3000, working)).toBeCloseTo(30, 9);
});

describe('batches in the containers at hand', () => {
  const cup = (capacityMl: number) => ({
    name: undefined,
    capacityMl,
    fill: 0.8,
    limitMl: capacityMl * 0.8,
  });
  const limits = (more: Partial<BatchLimits>): BatchLimits => ({
    containers: [],
    inTimeMl: () => Infinity,
    leastMl: undefined,
    asked: undefined,
    residue: undefined,
    moreCups: 0,
    ...more,
  });

  test('keep every limit, cover the need, and no container takes fewer', () => {
    const draw = fc.record({
      needMl: fc.double({ min: 10, max: 9000, noNaN: true }),
      capacities: fc.array(fc.integer({ min: 200, max: 6000 }), { minLength: 1, maxLength: 4 }),
      pourable: fc.option(fc.integer({ min: 150, max: 5000 })),
      residue: fc.boolean(),
    });
    fc.assert(
      fc.property(draw, ({ needMl, capacities, pourable, residue }) => {
        const all = limits({
          containers: capacities.map(cup),
          inTimeMl: () => pourable ?? Infinity,
          residue: residue ? { perBatch: '5 ml' } : undefined,
        });
        const split = splitIntoBatches(needMl, all);
        const staysMl = residue ? 5 : 0;
        expect(split.batchMl).toBeLessThanOrEqual((split.limitMl ?? Infinity) * (1 + 1e-9));
        expect((split.batchMl - staysMl) * split.count).toBeCloseTo(needMl, 6);
        for (const container of all.containers) {
          const alone = splitIntoBatches(needMl, { ...all, containers: [container] });
          expect(alone.count).toBeGreaterThanOrEqual(split.count);
          if (alone.count === split.count) {
            expect(container.capacityMl).toBeGreaterThanOrEqual(split.container?.capacityMl ?? 0);
          }
        }
      }),
    );
  });

  test('a container that is too small gives way to one that is not; where all are, it is refused', () => {
    const containers = [cup(100), cup(1000)];
    const least = limits({ containers, leastMl: 300 });
    expect(splitIntoBatches(50, least)).toMatchObject({ count: 1, batchMl: 300, surplusMl: 250 });
    expect(() => splitIntoBatches(50, limits({ containers: [cup(100)], leastMl: 300 }))).toThrow(
      expect.objectContaining({ code: 'least-over-limit' }) as Error,
    );
    const slow = limits({ containers, leastMl: 300, inTimeMl: () => 200 });
    expect(() => splitIntoBatches(50, slow)).toThrow(
      expect.objectContaining({ code: 'least-over-limit', field: 'mixing.pourRate' }) as Error,
    );
  });

  test('batches asked for by number stay as they are', () => {
    const split = splitIntoBatches(900, limits({ containers: [cup(100)], asked: 3, leastMl: 500 }));
    expect(split).toMatchObject({ count: 3, batchMl: 300, surplusMl: 0, rule: 'asked' });
  });
});
