import { slabVolumeMm3 } from '../form/slab';
import { slabsOfCurve } from './meshCurve';

/** One stretch of 10 mm, from a level area to another, with so much in it. */
const stretch = (footMm2: number, topMm2: number, volumeMm3: number) => ({
  heights: Float64Array.of(0, 10),
  volumes: Float64Array.of(0, volumeMm3),
  areasBelow: Float64Array.of(0, topMm2),
  areasAbove: Float64Array.of(footMm2, 0),
});

test('between two knots stands the quadratic that has both areas and the volume', () => {
  // A pyramid from 10 × 10 mm to a point: h / 3 of its foot.
  const { slabs, averaged } = slabsOfCurve(stretch(100, 0, 1000 / 3));
  expect(averaged).toBe(0);
  expect(slabs[0]?.areaMm2[0]).toBeCloseTo(100, 9);
  expect(slabs[0]?.areaMm2[1]).toBeCloseTo(-20, 9);
  expect(slabs[0]?.areaMm2[2]).toBeCloseTo(1, 9);
});

test('where that quadratic would fall below nothing the mean area stands, is counted, and keeps the volume', () => {
  const { slabs, averaged } = slabsOfCurve(stretch(100, 0, 100));
  expect(averaged).toBe(1);
  const [slab] = slabs;
  if (slab === undefined) throw new Error('no slab');
  expect(slab.areaMm2).toEqual([10, 0, 0]);
  expect(slabVolumeMm3(slab, 10)).toBeCloseTo(100, 9);
});

test('a stretch that holds less than nothing is refused with its heights', () => {
  expect(() => slabsOfCurve(stretch(100, 0, -50))).toThrow(
    expect.objectContaining({
      code: 'mesh-partly-inside-out',
      data: { fromMm: 0, toMm: 10 },
    }),
  );
});
