import * as fc from 'fast-check';
import { bestFilling } from './bestFilling';

test('the best use is not the largest first', () => {
  const { chosen, ml } = bestFilling([60, 50, 50], 100);
  expect(ml).toBe(100);
  expect(chosen).toEqual([1, 2]);
});

test.each([
  [[], 100, []],
  [[30], 20, []],
  [[30, 10], 40, [0, 1]],
  [[10], 0, []],
])('of %j with %d ml: %j', (volumes, roomMl, chosen) => {
  expect(bestFilling(volumes, roomMl).chosen).toEqual(chosen);
});

test('more than forty cavities are refused', () => {
  expect(() => bestFilling(new Array<number>(41).fill(1), 9)).toThrow(
    expect.objectContaining({ code: 'too-many-cavities' }) as Error,
  );
});

test('forty different cavities are searched in full', () => {
  const volumes = Array.from({ length: 40 }, (_, index) => 3 + Math.sqrt(index + 1));
  const { ml, chosen } = bestFilling(volumes, 137.5);
  expect(chosen.reduce((sum, at) => sum + (volumes[at] ?? 0), 0)).toBeCloseTo(ml, 9);
  expect(ml).toBeLessThanOrEqual(137.5 + 1e-9);
  // So many choices that nothing worth a drop is left.
  expect(ml).toBeGreaterThan(137.499);
});

test('holds the most that any choice holds', () => {
  const volumes = fc.array(fc.integer({ min: 1, max: 400 }), { maxLength: 10 });
  fc.assert(
    fc.property(volumes, fc.integer({ min: 0, max: 1500 }), (tenths, room) => {
      const cavities = tenths.map((each) => each / 10);
      const roomMl = room / 10;
      let best = 0;
      for (let bits = 0; bits < 2 ** cavities.length; bits += 1) {
        const ml = cavities.reduce((sum, each, at) => sum + ((bits >> at) & 1) * each, 0);
        if (ml <= roomMl + 1e-9) best = Math.max(best, ml);
      }
      const found = bestFilling(cavities, roomMl);
      expect(found.ml).toBeCloseTo(best, 9);
      const listed = found.chosen.reduce((sum, at) => sum + (cavities[at] ?? NaN), 0);
      expect(listed).toBeCloseTo(found.ml, 9);
    }),
  );
});
