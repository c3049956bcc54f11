import * as fc from 'fast-check';
import { runs } from '../../testing/campaign';
import { heightCurve, measureWhole, type MeasuredWhole } from './measureWhole';
import type { Insert, Part } from './parts/partSchema';
import type { Reading } from './parts/reading';

const reading = (mixedDensityGPerMl: number): Reading => ({
  tapeStepMm: 1,
  scaleStepG: 1,
  mixedDensityGPerMl,
});

const whole = (
  parts: readonly Part[],
  inserts: readonly Insert[] = [],
  mixedDensityGPerMl = 1,
): MeasuredWhole => measureWhole({ parts, inserts }, reading(mixedDensityGPerMl));

const bowl: Part = {
  shape: 'frustum',
  bottomDiameter: '120 mm',
  topDiameter: '200 mm',
  depth: '80 mm',
  count: 1,
};

test('the bowl holds 1642.0 ml, its lower half 619.9 ml and its upper half 1022.1 ml', () => {
  const all = whole([bowl]);
  expect(all.cavityMl).toBeCloseTo(1642.0, 1);
  expect(all.volumeBelowMl(40)).toBeCloseTo(619.9, 1);
  expect(all.cavityMl - all.volumeBelowMl(40)).toBeCloseTo(1022.1, 1);
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
  expect(whole([part], [], 1.1).cavityMl).toBeCloseTo(expectedMl, 3);
});

test('a frustum with equal ends is a cylinder', () => {
  const drum: Part = { ...bowl, topDiameter: '120 mm' };
  const rod: Part = { shape: 'cylinder', diameter: '120 mm', depth: '80 mm', count: 1 };
  expect(whole([drum]).cavityMl).toBeCloseTo(whole([rod]).cavityMl, 9);
});

/** How wide an upright insert may be, and how deep, to fit into any of the cavities below. */
const mm = (min: number, max: number) => fc.integer({ min, max }).map((n) => `${n} mm`);
const count = fc.integer({ min: 1, max: 4 });
const depth = mm(40, 300);
const wide = mm(120, 900);
const anyPart = fc.oneof(
  fc.record({ shape: fc.constant('box' as const), length: wide, width: wide, depth, count }),
  fc.record({
    shape: fc.constant('rounded-rectangle' as const),
    length: wide,
    width: wide,
    radius: mm(1, 55),
    depth,
    draft: fc.integer({ min: 0, max: 5 }).map((degrees) => `${degrees} deg`),
    count,
  }),
  fc.record({ shape: fc.constant('cylinder' as const), diameter: wide, depth, count }),
  fc.record({
    shape: fc.constant('frustum' as const),
    bottomDiameter: wide,
    topDiameter: wide,
    depth,
    count,
  }),
  fc.record({
    shape: fc.constant('polygon' as const),
    sides: fc.integer({ min: 3, max: 12 }),
    acrossFlats: wide,
    depth,
    count,
  }),
  fc.record({ shape: fc.constant('hemisphere' as const), diameter: wide, count }),
  fc.record({
    shape: fc.constant('channel' as const),
    stations: fc
      .array(fc.record({ width: wide, depth: fc.option(depth, { nil: undefined }) }), {
        minLength: 2,
        maxLength: 8,
      })
      .map((stations) => stations.map((station, at) => ({ ...station, at: `${at * 150} mm` }))),
    depth,
    count,
  }),
) as fc.Arbitrary<Part>;

const anyInsert = fc
  .oneof(
    fc.record({ shape: fc.constant('sphere' as const), diameter: mm(2, 20), height: mm(0, 39) }),
    fc.record({
      shape: fc.constant('cone' as const),
      diameter: mm(2, 20),
      depth: mm(2, 60),
      height: mm(0, 39),
    }),
    fc.record({
      shape: fc.constant('weighed' as const),
      mass: fc.integer({ min: 1, max: 20 }).map((g) => `${g} g`),
      density: fc.constant('8.5 g/ml'),
      height: mm(0, 39),
    }),
  )
  .map((insert) => ({ ...insert, count: 1 })) as fc.Arbitrary<Insert>;

/** One cavity that any three of the inserts fit into at any height: 100 × 100 mm at its narrowest. */
const roomy: Part = { shape: 'box', length: '300 mm', width: '300 mm', depth: '70 mm', count: 1 };

function expectCurve(all: MeasuredWhole): void {
  const depthMm = all.depthMm ?? 0;
  expect(all.volumeBelowMl(0)).toBe(0);
  expect(Math.abs(all.volumeBelowMl(depthMm) / all.cavityMl - 1)).toBeLessThan(1e-9);
  const steps = 200;
  let below = 0;
  // Between two heights V grows by no more than the largest level area allows: it has no steps.
  const greatestMm2 = all.parts.reduce((sum, part) => {
    const widthMm = Math.max(...part.outline.map((each) => each.widthMm));
    return sum + part.count * Math.max(widthMm * 2000, 1);
  }, 0);
  for (let step = 1; step <= steps; step += 1) {
    const ml = all.volumeBelowMl((depthMm * step) / steps);
    expect(ml).toBeGreaterThanOrEqual(below - 1e-9 * all.cavityMl);
    expect(ml - below).toBeLessThanOrEqual(((depthMm / steps) * greatestMm2) / 1000 + 1e-6);
    below = ml;
  }
}

test('V(h) is continuous and rises from nothing to the whole, whatever the parts are', () => {
  fc.assert(
    fc.property(fc.array(anyPart, { minLength: 1, maxLength: 5 }), (parts) =>
      expectCurve(whole(parts)),
    ),
    { numRuns: runs(30, 1000) },
  );
});

test('V(h) of a box and others with inserts across layer borders is continuous and rises to the whole', () => {
  fc.assert(
    fc.property(
      fc.array(anyPart, { maxLength: 3 }),
      fc.array(anyInsert, { minLength: 1, maxLength: 3 }),
      (parts, inserts) => {
        const all = whole([roomy, ...parts], inserts);
        expectCurve(all);
        const taken = all.inserts.reduce((sum, insert) => sum + insert.ml, 0);
        const full = all.parts.reduce((sum, part) => sum + part.ml, 0);
        expect(all.cavityMl).toBeCloseTo(full - taken, 6);
      },
    ),
    { numRuns: runs(30, 1000) },
  );
});

test('an insert is taken out at the height where it stands', () => {
  const ring: Insert = {
    shape: 'ring',
    outerDiameter: '80 mm',
    innerDiameter: '60 mm',
    depth: '20 mm',
    height: '30 mm',
    count: 1,
    density: '8.5 g/ml',
  };
  const cylinder: Part = { shape: 'cylinder', diameter: '140 mm', depth: '118 mm', count: 1 };
  const all = whole([cylinder], [ring]);
  const ringMl = (Math.PI * (80 ** 2 - 60 ** 2) * 20) / 4 / 1000;
  expect(all.inserts[0]).toMatchObject({ topMm: 50, densityGPerMl: 8.5, into: 0 });
  expect(all.cavityMl).toBeCloseTo((Math.PI * 140 ** 2 * 118) / 4 / 1000 - ringMl, 9);
  expect(all.volumeBelowMl(30)).toBeCloseTo((Math.PI * 140 ** 2 * 30) / 4 / 1000, 9);
  expect(all.volumeBelowMl(40)).toBeCloseTo((Math.PI * 140 ** 2 * 40) / 4 / 1000 - ringMl / 2, 9);
});

test('what sticks out over the rim takes up nothing there', () => {
  const post: Insert = { shape: 'cylinder', diameter: '20 mm', depth: '200 mm', count: 2 };
  const all = whole([roomy], [post]);
  expect(all.inserts[0]?.ml).toBeCloseTo((2 * Math.PI * 100 * 70) / 1000, 9);
  expect(all.inserts[0]?.warnings.map(({ code }) => code)).toEqual(['insert-above-rim']);
});

test.each<[string, Insert, string, string]>([
  [
    'wider than its cavity',
    { shape: 'box', length: '400 mm', width: '400 mm', depth: '10 mm', count: 1 },
    'insert-too-large',
    'measure.inserts[0]',
  ],
  [
    'over the rim',
    { shape: 'sphere', diameter: '10 mm', height: '70 mm', count: 1 },
    'insert-over-rim',
    'measure.inserts[0].height',
  ],
  [
    'in no cavity',
    { shape: 'sphere', diameter: '10 mm', into: 2, count: 1 },
    'no-such-cavity',
    'measure.inserts[0].into',
  ],
])('an insert %s is refused at its field', (_, insert, code, field) => {
  expect(() => whole([roomy], [insert])).toThrow(expect.objectContaining({ code, field }));
});

test('doubts of parts add up as independent ones; a count of one part multiplies it', () => {
  const one = whole([roomy]);
  const three = whole([{ ...roomy, count: 3 }]);
  const two = whole([roomy, roomy]);
  expect(one.plusMinusMl).toBeCloseTo(
    Math.hypot(0.5 * 90_000, 0.5 * 21_000, 0.5 * 21_000) / 1000,
    9,
  );
  expect(three.plusMinusMl).toBeCloseTo(3 * one.plusMinusMl, 9);
  expect(two.plusMinusMl).toBeCloseTo(Math.SQRT2 * one.plusMinusMl, 9);
});

test('the curve goes from nothing to the whole and has the borders of layers in it', () => {
  const all = whole([bowl]);
  const curve = heightCurve(all, [33]);
  expect(curve[0]).toEqual({ heightMm: 0, ml: 0 });
  expect(curve.at(-1)).toEqual({ heightMm: 80, ml: all.cavityMl });
  expect(curve.find(({ heightMm }) => heightMm === 33)?.ml).toBe(all.volumeBelowMl(33));
  expect(heightCurve(whole([bowl, { shape: 'amount', amount: '1 l', count: 1 }]), [])).toEqual([]);
});
