import * as fc from 'fast-check';
import { slabAreaMm2 } from './slab';
import { solidOfSlabs } from './solidOfSlabs';
import { sphericalSolid } from './sphericalSolid';
import { solidOfVolume } from './prism';
import { turnedOver } from './turnedOver';

const slab = fc.record({
  height: fc.integer({ min: 1, max: 40 }),
  areas: fc.tuple(
    fc.integer({ min: 100, max: 900 }),
    fc.integer({ min: -2, max: 20 }),
    fc.integer({ min: 0, max: 3 }),
  ),
});

/** Slabs stacked on each other. */
const stacked = (
  all: readonly { readonly height: number; readonly areas: readonly number[] }[],
) => {
  let fromMm = 0;
  return solidOfSlabs(
    all.map(({ height, areas: [c0 = 0, c1 = 0, c2 = 0] }) => {
      const toMm = fromMm + height;
      const made = { fromMm, toMm, areaMm2: [c0, c1, c2] as const };
      fromMm = toMm;
      return made;
    }),
    [
      { heightMm: 0, widthMm: 10 },
      { heightMm: 5, widthMm: 30 },
    ],
  );
};

test('what lay under a height lies over it once a form is turned over', () => {
  fc.assert(
    fc.property(
      fc.array(slab, { minLength: 1, maxLength: 6 }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (all, share) => {
        const solid = stacked(all);
        const turned = turnedOver(solid);
        const depthMm = solid.depthMm!;
        expect(turned.volumeMl).toBeCloseTo(solid.volumeMl, 9);
        expect(turned.depthMm).toBe(depthMm);
        const heightMm = share * depthMm;
        expect(turned.volumeBelowMl(heightMm)).toBeCloseTo(
          solid.volumeMl - solid.volumeBelowMl(depthMm - heightMm),
          6,
        );
      },
    ),
  );
});

test('turned over twice it is as it was', () => {
  fc.assert(
    fc.property(fc.array(slab, { minLength: 1, maxLength: 5 }), (all) => {
      const solid = stacked(all);
      const twice = turnedOver(turnedOver(solid));
      twice.slabs.forEach((each, at) => {
        const own = solid.slabs[at]!;
        expect(each.fromMm).toBeCloseTo(own.fromMm, 9);
        expect(slabAreaMm2(each, 0.5)).toBeCloseTo(slabAreaMm2(own, 0.5), 6);
      });
      expect(twice.outline[0]!.widthMm).toBe(10);
    }),
  );
});

test('half a ball on its round side has its flat one up, and the other way round', () => {
  const bowl = sphericalSolid(20, 20, 0);
  const cap = (h: number): number => (Math.PI * h ** 2 * (60 - h)) / 3 / 1000;
  expect(bowl.volumeBelowMl(5)).toBeCloseTo(cap(5), 9);
  expect(turnedOver(bowl).volumeBelowMl(15)).toBeCloseTo(bowl.volumeMl - cap(5), 9);
});

test('what has no form stays as it is', () => {
  const known = solidOfVolume(50, undefined);
  expect(turnedOver(known)).toBe(known);
});
