import * as fc from 'fast-check';
import { crossesAt, firstCrossing } from './crossings';
import { evenOddArea } from './evenOdd';
import { mapPoint, photoToRectangle } from './homography';
import { perimeter, signedArea } from './polygon';
import { traceMap, tracedArea, type TraceScale } from './traced';

const square = (x: number, y: number, side: number): number[] => [
  x,
  y,
  x + side,
  y,
  x + side,
  y + side,
  x,
  y + side,
];

test('area and perimeter of a polygon, far from the origin too', () => {
  const far = square(1e7, -1e7, 3);
  expect(signedArea(far)).toBe(9);
  expect(signedArea([0, 0, 0, 3, 3, 3, 3, 0])).toBe(-9);
  expect(perimeter(far)).toBe(12);
});

test('islands are taken out, what lies on an island is filled again', () => {
  const nested = [square(0, 0, 10), square(2, 2, 6), square(4, 4, 2), square(20, 0, 3)];
  expect(evenOddArea(nested)).toMatchObject({ area: 100 - 36 + 4 + 9, depths: [0, 1, 2, 0] });
  expect(evenOddArea([...nested].reverse()).area).toBe(77);
});

test.each([
  ['an outline that crosses itself', [[0, 0, 4, 4, 4, 0, 0, 4]], { self: true, x: 2, y: 2 }],
  ['an island that sticks out', [square(0, 0, 10), square(8, 3, 4)], { self: false, x: 10 }],
])('%s is told with its place', (_, outlines, data) => {
  expect(() => evenOddArea(outlines)).toThrow(
    expect.objectContaining({ code: 'outlines-cross', data: expect.objectContaining(data) }),
  );
});

test.each([
  ['two points', [[0, 0, 1, 1]], 'outline-too-short'],
  ['no area', [[0, 0, 1, 1, 2, 2]], 'outline-empty'],
  ['nothing', [], 'no-outlines'],
])('%s', (_, outlines, code) => {
  expect(() => evenOddArea(outlines)).toThrow(expect.objectContaining({ code }));
});

test('the index finds the same crossings as looking at every pair', () => {
  const outline = fc
    .array(fc.integer({ min: 0, max: 30 }), { minLength: 8, maxLength: 40 })
    .map((numbers) => numbers.slice(0, numbers.length - (numbers.length % 2)));
  fc.assert(
    fc.property(outline, (points) => {
      const any = Array.from({ length: points.length / 2 }, (_, at) => crossesAt([points], 0, at));
      if (points.length >= 8)
        expect(firstCrossing([points]) !== undefined).toBe(any.includes(true));
    }),
  );
});

const slanted: TraceScale = {
  by: 'rectangle',
  corners: [412, 318, 1190, 402, 1104, 1365, 260, 1188],
  widthMm: 210,
  heightMm: 297,
};

test('a sheet seen at a slant: 62 370 mm² for its own outline, and right areas inside it', () => {
  const whole = tracedArea([slanted.corners as number[]], slanted, 1);
  expect(Math.abs(whole.area / 62_370 - 1)).toBeLessThan(1e-3);
  expect(Math.abs(whole.area / 62_370 - 1)).toBeLessThan(1e-12);
  // A 60 × 80 mm rectangle on the sheet and a 40 mm circle, put into the photo by the map the other way.
  const map = traceMap(slanted);
  const toPhoto = photoToRectangleInverse(map);
  const rectangle = [50, 60, 110, 60, 110, 140, 50, 140];
  const circle = Array.from({ length: 400 }, (_, at) => [
    150 + 20 * Math.cos((at * Math.PI) / 200),
    200 + 20 * Math.sin((at * Math.PI) / 200),
  ]).flat();
  const seen = (outline: number[]): number[] =>
    Array.from({ length: outline.length / 2 }, (_, at) => {
      const { x, y } = toPhoto(outline[2 * at]!, outline[2 * at + 1]!);
      return [x, y];
    }).flat();
  expect(tracedArea([seen(rectangle)], slanted, 1).area).toBeCloseTo(4800, 6);
  expect(tracedArea([seen(circle)], slanted, 1).area).toBeCloseTo(
    200 * 400 * Math.sin(Math.PI / 200),
    6,
  );
});

/** The map back from mm to px, found by solving its two equations for x and y. */
function photoToRectangleInverse([a, b, c, d, e, f, g, h]: ReturnType<typeof photoToRectangle>) {
  return (u: number, v: number) => {
    const [m11, m12, r1] = [a - g * u, b - h * u, u - c];
    const [m21, m22, r2] = [d - g * v, e - h * v, v - f];
    const determinant = m11 * m22 - m12 * m21;
    return { x: (r1 * m22 - m12 * r2) / determinant, y: (m11 * r2 - r1 * m21) / determinant };
  };
}

test('corners go to corners, whichever four a camera may see', () => {
  const jitter = fc.integer({ min: -120, max: 120 });
  fc.assert(
    fc.property(fc.array(jitter, { minLength: 8, maxLength: 8 }), (move) => {
      const base = [0, 0, 800, 0, 800, 1000, 0, 1000].map((value, at) => value + move[at]!);
      const corners = [0, 1, 2, 3].map((at) => ({ x: base[2 * at]!, y: base[2 * at + 1]! }));
      const map = photoToRectangle(corners as never, 210, 297);
      const wanted = [
        [0, 0],
        [210, 0],
        [210, 297],
        [0, 297],
      ];
      corners.forEach((corner, at) => {
        const { x, y } = mapPoint(map, corner);
        expect(x).toBeCloseTo(wanted[at]![0]!, 6);
        expect(y).toBeCloseTo(wanted[at]![1]!, 6);
      });
    }),
  );
});

test('a known length scales both ways; doubt comes from taps and from the scale', () => {
  const scale: TraceScale = { by: 'length', ends: [0, 0, 400, 300], lengthMm: 250 };
  const found = tracedArea([square(10, 10, 200)], scale, 1);
  expect(found.area).toBeCloseTo(10_000, 9);
  expect(found.mmPerPx).toBeCloseTo(0.5, 12);
  expect(found.fromTapsMm2).toBeCloseTo(400 * 0.5, 9);
  expect(found.fromScaleMm2).toBeCloseTo(2 * 10_000 * Math.hypot(Math.SQRT2 / 500, 0.5 / 250), 9);
  const longer: TraceScale = { ...scale, ends: [0, 0, 800, 600], lengthMm: 500 };
  expect(tracedArea([square(10, 10, 200)], longer, 1).plusMinusMm2).toBeLessThan(
    found.plusMinusMm2,
  );
});

test('a grid is counted in its squares', () => {
  expect(tracedArea([square(0, 0, 3)], { by: 'grid', squareMm: 10 }, 1).area).toBe(900);
});

test.each([
  [
    'corners out of order',
    { ...slanted, corners: [0, 0, 10, 10, 10, 0, 0, 10] },
    'corners-not-convex',
  ],
  ['no length', { by: 'length', ends: [5, 5, 5, 5], lengthMm: 10 }, 'scale-without-length'],
  [
    'beyond the horizon',
    { ...slanted, corners: [400, 300, 600, 300, 1000, 900, 0, 900] },
    'beyond-horizon',
  ],
])('%s', (_, scale, code) => {
  const outline = [500, -2000, 520, -2000, 520, 800];
  expect(() => tracedArea([outline], scale as TraceScale, 1)).toThrow(
    expect.objectContaining({ code }),
  );
});
