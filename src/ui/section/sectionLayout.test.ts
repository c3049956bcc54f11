import * as fc from 'fast-check';
import { measureWhole } from '../../core/measure/measureWhole';
import type { Part } from '../../core/measure/parts/partSchema';
import { sectionLayout } from './sectionLayout';

const reading = { tapeStepMm: 1, scaleStepG: 1, mixedDensityGPerMl: 1 };
const partsOf = (parts: readonly Part[]) => measureWhole({ parts }, reading).parts;
const box = (lengthMm: number, depthMm: number): Part => ({
  shape: 'box',
  length: `${lengthMm} mm`,
  width: '50 mm',
  depth: `${depthMm} mm`,
  count: 1,
});
const room = { width: 358, greatestHeight: 150, captionHeight: 44 };

test('cavities keep one scale, across and up', () => {
  const { cavities } = sectionLayout(partsOf([box(300, 60), box(150, 40)]), room);
  expect(cavities).toHaveLength(2);
  expect(new Set(cavities.map(({ acrossPerMm }) => acrossPerMm)).size).toBe(1);
  for (const { acrossPerMm, upPerMm } of cavities) expect(upPerMm).toBe(acrossPerMm);
});

test('a thin coat is drawn deeper, and says by how much', () => {
  const [coat] = sectionLayout(partsOf([box(965, 3)]), room).cavities;
  expect(coat?.exaggeration).toBeGreaterThan(1);
  expect(coat?.upPerMm).toBeCloseTo((coat?.acrossPerMm ?? 0) * (coat?.exaggeration ?? 0), 9);
});

test('a known amount has nothing to draw', () => {
  expect(sectionLayout(partsOf([{ shape: 'amount', amount: '1 l', count: 1 }]), room)).toEqual({
    height: 0,
    cavities: [],
    hidden: 0,
  });
});

test('whatever the parts, the drawing stays inside its width and height, and none is dropped untold', () => {
  const size = fc.integer({ min: 3, max: 2000 });
  fc.assert(
    fc.property(
      fc.array(fc.tuple(size, size), { minLength: 1, maxLength: 20 }),
      fc.integer({ min: 150, max: 800 }),
      (sizes, width) => {
        const parts = partsOf(sizes.map(([length, depth]) => box(length, depth)));
        const { cavities, hidden, height } = sectionLayout(parts, { ...room, width });
        expect(cavities.length + hidden).toBe(parts.length);
        for (const { centreX, acrossPerMm, part, floorY, depthMm, upPerMm, wallDp } of cavities) {
          const half = ((part.outline[0]?.widthMm ?? 0) * acrossPerMm) / 2 + wallDp;
          expect(centreX - half).toBeGreaterThanOrEqual(-1e-6);
          expect(centreX + half).toBeLessThanOrEqual(width + 1e-6);
          expect(floorY - depthMm * upPerMm).toBeGreaterThan(0);
          expect(floorY).toBeLessThan(height);
        }
      },
    ),
  );
});
