import { levelOf } from './levelOf';

/** A cone on its tip: V(h) grows with the cube of the height. */
const cone = Array.from({ length: 101 }, (_, at) => ({ heightMm: at, ml: at ** 3 / 1000 }));

test.each([
  [0, 0],
  [1, 100],
  [0.125, 50],
  [0.5, 79.37],
])('a share of %d of a cone stands at %d mm', (share, heightMm) => {
  expect(levelOf(cone, 0, 100, share)).toBeCloseTo(heightMm, 1);
});

test('a layer in it begins at its foot', () => {
  // Between 50 and 100 mm lie 875 ml; half of them reach (125 + 437.5)^(1/3) × 10 mm.
  expect(levelOf(cone, 50, 100, 0.5)).toBeCloseTo(10 * Math.cbrt(562.5), 1);
});

test('without a curve it rises evenly', () => {
  expect(levelOf([], 10, 30, 0.25)).toBe(15);
  expect(levelOf(cone.slice(0, 20), 10, 30, 0.25)).toBe(15);
});
