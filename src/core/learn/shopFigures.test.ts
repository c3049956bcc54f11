import * as fc from 'fast-check';
import { goodPour, noon, pourWith, recordOf } from '../diagnose/testRecord';
import { shopFigures } from './shopFigures';
import { togetherFit } from './togetherFit';

const zone = 'Europe/London';
const dayMs = 24 * 60 * 60_000;

test('hands: how long it is stirred, how evenly it is weighed, each with its count', () => {
  const records = [3, 4, 8].map((stirredMin, at) =>
    recordOf(pourWith({}, {}, { stirredMin, aG: 420 + 4.2 * at, bG: 140 })),
  );
  const { stirMin, evenness, potPercent } = shopFigures(records, zone);
  expect(stirMin).toEqual({ epoxy: { median: 4, count: 3 } });
  expect(evenness.a!.meanPercent).toBeCloseTo(1, 6);
  expect(evenness.a!.spreadPercent).toBeCloseTo(1, 6);
  expect(evenness.b).toEqual({ meanPercent: 0, spreadPercent: 0, count: 3 });
  expect(potPercent!.median).toBeCloseTo((20 / 60) * 100, 6);
});

test('another figure is no slip of the hand, and two weighings are no hand', () => {
  const twice = [420, 420, 840].map((aG) => recordOf(pourWith({}, {}, { aG })));
  expect(shopFigures(twice, zone).evenness.a).toBeUndefined();
  expect(shopFigures([], zone)).toEqual({
    stirMin: {},
    evenness: { a: undefined, b: undefined },
    potPercent: undefined,
    needs: { overagePercent: {}, grainPercent: undefined, pourMlPerMin: {}, twentyDropsG: [] },
    months: [],
  });
});

test('money and resin by month, where the shop is', () => {
  const priced = recordOf({ ...goodPour, cost: 16, lostCost: 2 });
  const june = { ...recordOf(goodPour), madeAt: noon + 30 * dayMs };
  // Half past eleven in the evening of the last of May in Greenwich is June in London.
  const night = { ...priced, madeAt: Date.UTC(2026, 4, 31, 23, 30) };
  expect(shopFigures([june, priced, night], zone).months).toEqual([
    { month: '2026-05', pieces: 1, mixedG: 560, cost: 16, lostCost: 2 },
    { month: '2026-06', pieces: 2, mixedG: 1120, cost: 16, lostCost: 2 },
  ]);
});

const range = (value: number, share: number) => ({
  value,
  low: value / share,
  high: value * share,
});

test('pours that agree are surer together; pours that differ are not', () => {
  const one = togetherFit([range(1.2, 1.1)]);
  expect(one.value).toBeCloseTo(1.2, 6);
  expect(one.high / one.low).toBeCloseTo(1.21, 3);
  const alike = togetherFit([range(1.2, 1.1), range(1.2, 1.1), range(1.2, 1.1)]);
  expect(alike).toMatchObject({ pours: 3, betweenLn: 0 });
  expect(Math.log(alike.high / alike.low)).toBeCloseTo(Math.log(1.21) / Math.sqrt(3), 3);
  const apart = togetherFit([range(0.8, 1.05), range(1.25, 1.05)]);
  expect(apart.value).toBeCloseTo(1, 1);
  expect(apart.betweenLn).toBeGreaterThan(0.2);
  expect(apart.high / apart.low).toBeGreaterThan(1.5);
});

test('together they lie between the least and the greatest', () => {
  const ranges = fc.record({
    value: fc.double({ min: 0.5, max: 2, noNaN: true }),
    share: fc.double({ min: 1.01, max: 1.5, noNaN: true }),
  });
  fc.assert(
    fc.property(fc.array(ranges, { minLength: 1, maxLength: 6 }), (given) => {
      const fits = given.map(({ value, share }) => range(value, share));
      const [first, ...more] = fits;
      const { value, low, high } = togetherFit([first!, ...more]);
      const values = fits.map((each) => each.value);
      expect(value).toBeGreaterThan(Math.min(...values) - 1e-6);
      expect(value).toBeLessThan(Math.max(...values) + 1e-6);
      expect(low).toBeLessThan(value);
      expect(high).toBeGreaterThan(value);
    }),
  );
});
