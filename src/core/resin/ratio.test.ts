import * as fc from 'fast-check';
import { mixRatio } from './ratio';

test('3 : 1 by volume with 1.13 and 0.98 g/ml is 100 : 28.91 by weight', () => {
  const { byWeight, mixedDensityGPerMl } = mixRatio({ by: 'volume', a: 3, b: 1 }, 1.13, 0.98);
  expect(byWeight.b).toBeCloseTo(28.91, 2);
  expect(mixedDensityGPerMl).toBeCloseTo(1.0925, 9);
});

test('2 : 1 by weight with 1.10 and 0.96 g/ml is 1.745 : 1 by volume', () => {
  expect(mixRatio({ by: 'weight', a: 2, b: 1 }, 1.1, 0.96).byVolume.a).toBeCloseTo(1.745, 3);
});

test('by volume to by weight and back is the same ratio', () => {
  const parts = fc.double({ min: 0.1, max: 100, noNaN: true });
  const density = fc.double({ min: 0.5, max: 3, noNaN: true });
  fc.assert(
    fc.property(parts, parts, density, density, (a, b, densityA, densityB) => {
      const { massAPerB } = mixRatio({ by: 'volume', a, b }, densityA, densityB);
      const back = mixRatio({ by: 'weight', a: massAPerB, b: 1 }, densityA, densityB);
      expect(back.volumeAPerB / (a / b)).toBeCloseTo(1, 12);
    }),
  );
});
