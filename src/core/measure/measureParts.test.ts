import * as fc from 'fast-check';
import { measureParts } from './measureParts';
import type { Part } from './partSchema';

const bowl: Part = {
  shape: 'frustum',
  bottomDiameter: '120 mm',
  topDiameter: '200 mm',
  depth: '80 mm',
  count: 1,
};

test('the bowl holds 1642.0 ml, its lower half 619.9 ml and its upper half 1022.1 ml', () => {
  const whole = measureParts([bowl], 1);
  expect(whole.cavityMl).toBeCloseTo(1642.0, 1);
  expect(whole.volumeBelowMl(40)).toBeCloseTo(619.9, 1);
  expect(whole.cavityMl - whole.volumeBelowMl(40)).toBeCloseTo(1022.1, 1);
});

test.each<[string, Part, number]>([
  ['tray', { shape: 'box', length: '300 mm', width: '200 mm', depth: '1-1/4 in', count: 1 }, 1905],
  [
    'rod',
    { shape: 'cylinder', diameter: '140 mm', depth: '118 mm', count: 1 },
    (578200 * Math.PI) / 1000,
  ],
  [
    'coat',
    { shape: 'coat', length: '38 in', width: '14-1/2 in', thickness: '1/8 in', count: 1 },
    1128.659,
  ],
  ['coat by area', { shape: 'coat', area: '0.5 m2', thickness: '3 mm', count: 2 }, 3000],
  ['known volume', { shape: 'amount', amount: '1.2 l', count: 2 }, 2400],
  ['known mass', { shape: 'amount', amount: '550 g', count: 1 }, 500],
])('%s', (_, part, expectedMl) => {
  expect(measureParts([part], 1.1).cavityMl).toBeCloseTo(expectedMl, 3);
});

test('a frustum with equal ends is a cylinder', () => {
  const drum: Part = { ...bowl, topDiameter: '120 mm' };
  const rod: Part = { shape: 'cylinder', diameter: '120 mm', depth: '80 mm', count: 1 };
  expect(measureParts([drum], 1).cavityMl).toBeCloseTo(measureParts([rod], 1).cavityMl, 9);
});

const mm = fc.integer({ min: 1, max: 900 }).map((n) => `${n} mm`);
const count = fc.integer({ min: 1, max: 5 });
const anyPart: fc.Arbitrary<Part> = fc.oneof(
  fc.record({ shape: fc.constant('box' as const), length: mm, width: mm, depth: mm, count }),
  fc.record({ shape: fc.constant('cylinder' as const), diameter: mm, depth: mm, count }),
  fc.record({
    shape: fc.constant('frustum' as const),
    bottomDiameter: mm,
    topDiameter: mm,
    depth: mm,
    count,
  }),
);

test('V(h) rises from nothing to the whole, whatever the parts are', () => {
  fc.assert(
    fc.property(fc.array(anyPart, { minLength: 1, maxLength: 6 }), (parts) => {
      const whole = measureParts(parts, 1);
      const depthMm = whole.depthMm ?? 0;
      expect(whole.volumeBelowMl(0)).toBe(0);
      expect(whole.volumeBelowMl(depthMm)).toBeCloseTo(whole.cavityMl, 6);
      let below = 0;
      for (let step = 1; step <= 20; step += 1) {
        const ml = whole.volumeBelowMl((depthMm * step) / 20);
        expect(ml).toBeGreaterThanOrEqual(below);
        below = ml;
      }
    }),
  );
});
