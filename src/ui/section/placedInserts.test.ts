import { planOne, readOne } from '../../testing/planOne';
import type { MeasuredInsert } from '../../core/measure/inserts/placeInserts';
import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import { insertPath, placedInserts } from './placedInserts';

function inserted(inserts: readonly object[]): {
  readonly inserts: readonly MeasuredInsert[];
  readonly outline: Parameters<typeof placedInserts>[1];
} {
  const plan = planOne(readOne({ ...exampleFile, measure: { ...exampleFile.measure, inserts } }));
  return { inserts: plan.inserts, outline: plan.parts[0]?.outline ?? [] };
}
const middles = (inserts: readonly object[]): readonly number[] => {
  const made = inserted(inserts);
  return placedInserts(made.inserts, made.outline).map(({ middleMm }) => middleMm);
};
const post = (diameter: string) => ({ shape: 'cylinder', diameter, depth: '20 mm' });

test('one stands in the middle, several side by side with even gaps', () => {
  expect(middles([post('20 mm')])).toEqual([0]);
  // 300 mm of room, 100 mm of posts: gaps of 50 mm.
  expect(middles([post('20 mm'), post('60 mm'), post('20 mm')])).toEqual([-90, 0, 90]);
  expect(middles([{ ...post('100 mm'), count: 2 }])[0]).toBeCloseTo(-66.67, 2);
});

test('what a ring goes round stands in its middle, and so does what has no room beside another', () => {
  const ring = { shape: 'ring', outerDiameter: '90 mm', innerDiameter: '80 mm', depth: '8 mm' };
  expect(middles([post('12 mm'), ring])).toEqual([0, 0]);
  expect(middles([post('85 mm'), ring])).not.toContain(0);
  expect(middles([post('180 mm'), post('150 mm')])).toEqual([0, 0]);
});

test('a ring is cut twice, a post once', () => {
  const ring = { shape: 'ring', outerDiameter: '90 mm', innerDiameter: '80 mm', depth: '8 mm' };
  const place = { x: (acrossMm: number) => acrossMm, y: (heightMm: number) => -heightMm };
  const [post12, ring90] = inserted([post('12 mm'), { ...ring, height: '10 mm' }]).inserts;
  if (post12 === undefined || ring90 === undefined) throw new Error('no inserts');
  expect(insertPath(post12, place)).toBe('M-6 0L-6 -20L6 -20L6 0Z');
  expect(insertPath(ring90, place)).toBe(
    'M-45 -10L-45 -18L-40 -18L-40 -10ZM40 -10L40 -18L45 -18L45 -10Z',
  );
});
