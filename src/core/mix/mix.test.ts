import { mixingAtPace } from './working';
import * as fc from 'fast-check';
import { readResin } from '../resin/readResin';
import type { Resin } from '../resin/resinSchema';
import { amountsOf } from './amounts';
import { batchCount, mostBatches } from './batches';
import { onScale } from './onScale';

const slowClear: Resin = {
  name: 'Slow clear',
  family: 'deep-pour-epoxy',
  ratio: { by: 'volume', a: 3, b: 1 },
  densityA: '1.13 g/ml',
  densityB: '0.98 g/ml',
};

test('a litre of mixed resin', () => {
  const { a, b, g } = amountsOf(1000, readResin(slowClear));
  expect([a.ml, b.ml]).toEqual([750, 250]);
  expect(a.g).toBeCloseTo(847.5, 9);
  expect(b.g).toBeCloseTo(245, 9);
  expect(g).toBeCloseTo(1092.5, 9);
});

test('by weight the parts weigh as the label says', () => {
  const byWeight = readResin({ ...slowClear, ratio: { by: 'weight', a: 100, b: 33.33 } });
  const { a, b } = amountsOf(1234, byWeight);
  expect(a.g / b.g).toBeCloseTo(100 / 33.33, 12);
  expect(a.ml + b.ml).toBeCloseTo(1234, 9);
});

describe('batches', () => {
  test.each([
    [2095.5, 800, 3],
    [800, 800, 1],
    [800.0000000001, 800, 1],
    [801, 800, 2],
    [0.1 + 0.2, 0.1, 3],
    [5, 1000, 1],
  ])('%d ml in %d ml takes %d', (need, limit, count) => {
    expect(batchCount(need, limit)).toBe(count);
  });

  test('are the fewest that fit', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 1e4, noNaN: true }),
        fc.double({ min: 50, max: 1e4, noNaN: true }),
        (need, limit) => {
          const count = batchCount(need, limit);
          expect(need / count).toBeLessThanOrEqual(limit * (1 + 1e-8));
          if (count > 1) expect(need / (count - 1)).toBeGreaterThan(limit);
        },
      ),
    );
  });

  test('too many are refused with the figures behind it', () => {
    expect(() => batchCount(10_000, 10)).toThrow(
      expect.objectContaining({
        code: 'container-too-small',
        data: { needMl: 10_000, limitMl: 10, count: 1000, most: mostBatches },
      }) as Error,
    );
  });
});

describe('on the scale', () => {
  test.each([
    [591.97875, 3.459183673, 1, { aG: 592, bG: 171, totalG: 763 }],
    [591.97875, 3.459183673, 0.1, { aG: 592, bG: 171.1, totalG: 763.1 }],
    [591.97875, 3.459183673, 5, { aG: 595, bG: 170, totalG: 765 }],
    [592.01, 2, 1, { aG: 593, bG: 297, totalG: 890 }],
  ])('%d g at %d : 1 on a scale of %d g', (aG, ratio, stepG, figures) => {
    expect(onScale(aG, ratio, stepG)).toMatchObject({ ...figures, stepG });
  });

  test.each([
    // B is the small part: its step decides.
    [41.2, 100 / 33.33, 1, { aG: 42, bG: 14, totalG: 56 }],
    // A is so small a part that one step of it asks for five times the need: said, not hidden.
    [0.194, 1 / 100, 1, { aG: 1, bG: 100, totalG: 101 }],
  ])('%d g at %d : 1 on a scale of %d g is rounded where it errs least', (aG, ratio, stepG, is) => {
    expect(onScale(aG, ratio, stepG)).toMatchObject(is);
  });

  test('A is never short, and one part is within half a step of what the other asks for', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 5000, noNaN: true }),
        fc.double({ min: 0.2, max: 20, noNaN: true }),
        fc.constantFrom(0.01, 0.1, 0.5, 1, 2, 5),
        (aG, ratio, stepG) => {
          const scale = onScale(aG, ratio, stepG);
          expect(scale.aG).toBeGreaterThanOrEqual(aG * (1 - 1e-8));
          const offB = Math.abs(scale.bG - scale.aG / ratio);
          const offA = Math.abs(scale.aG - scale.bG * ratio);
          const isLeast = scale.aG - aG < stepG * (1 + 1e-8);
          expect(offB <= stepG / 2 + 1e-9 || offA <= stepG / 2 + 1e-9 || isLeast).toBe(true);
          expect(scale.totalG).toBeCloseTo(scale.aG + scale.bG, 6);
          expect(scale.bG).toBeCloseTo((scale.aG / ratio) * (1 + scale.ratioError), 6);
        },
      ),
    );
  });
});

describe('a person’s own pace', () => {
  const pace = { stir: '7 min', pourRate: '250 ml/min' };

  test('stands where a job says nothing, for slow resins', () => {
    expect(mixingAtPace(undefined, 'deep-pour-epoxy', pace)).toEqual(pace);
    expect(mixingAtPace({ stir: '4 min' }, 'deep-pour-epoxy', pace)).toEqual({
      stir: '4 min',
      pourRate: '250 ml/min',
    });
    // A quick resin is stirred for as long as it lets one.
    expect(mixingAtPace(undefined, 'fast-polyurethane', pace)).toEqual({
      stir: undefined,
      pourRate: '250 ml/min',
    });
  });

  test('nobody’s pace changes nothing', () => {
    const mixing = { stir: '4 min' };
    expect(mixingAtPace(mixing, 'deep-pour-epoxy', undefined)).toBe(mixing);
    expect(mixingAtPace(undefined, 'deep-pour-epoxy', {})).toBeUndefined();
  });
});
