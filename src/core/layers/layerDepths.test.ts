import * as fc from 'fast-check';
import { InputError } from '../problem';
import { layerDepthsMm } from './layerDepths';
import { layerStyles } from './layersSchema';

const limits = { takesMm: 30, leastMm: 8 };
const rounded = (depths: readonly number[]): number[] =>
  depths.map((each) => Number(each.toFixed(2)));

test.each([
  ['equal', 70, [23.33, 23.33, 23.33]],
  ['full-top-off', 70, [30, 30, 10]],
  ['full-top-off', 62, [30, 24, 8]],
  ['full-top-off', 60, [30, 30]],
  ['full-top-off', 25, [25]],
  ['full-top-off', 32, [24, 8]],
  ['lock-in', 70, [8, 20.67, 20.67, 20.67]],
  ['equal', 30, [30]],
  ['one-pour', 70, [70]],
] as const)('%s over %d mm', (style, depthMm, expected) => {
  expect(rounded(layerDepthsMm(style, depthMm, limits))).toEqual(expected);
});

test('where the layers under the top-off have little to give, several give', () => {
  expect(layerDepthsMm('full-top-off', 31, { takesMm: 10, leastMm: 7 })).toEqual([10, 7, 7, 7]);
});

test('no split that keeps both limits is refused with the depths that would go', () => {
  expect(() => layerDepthsMm('equal', 31, { takesMm: 30, leastMm: 20 })).toThrow(
    expect.objectContaining({
      code: 'no-layer-split',
      field: 'layers.style',
      data: {
        depthMm: 31,
        takesMm: 30,
        leastMm: 20,
        lowerMm: 30,
        lowerLayers: 1,
        upperMm: 40,
        upperLayers: 2,
      },
    }) as Error,
  );
});

test.each([
  [40, 'lock-in-over-limit'],
  [80, 'lock-in-too-deep'],
  [5, 'lock-in-under-least'],
])('a first layer of %d mm: %s', (lockInMm, code) => {
  expect(() => layerDepthsMm('lock-in', 70, limits, lockInMm)).toThrow(
    expect.objectContaining({ code, field: 'layers.lockIn' }) as Error,
  );
});

test('without limits everything is one pour', () => {
  const none = { takesMm: undefined, leastMm: undefined };
  expect(layerDepthsMm('equal', 500, none)).toEqual([500]);
  expect(layerDepthsMm('full-top-off', 500, none)).toEqual([500]);
});

const draw = fc.record({
  style: fc.constantFrom(...layerStyles.filter((style) => style !== 'one-pour')),
  depthMm: fc.double({ min: 1, max: 400, noNaN: true }),
  takesMm: fc.double({ min: 2, max: 80, noNaN: true }),
  leastMm: fc.double({ min: 0.5, max: 60, noNaN: true }),
});

test('any split adds up and keeps both limits; a refusal is right that none does', () => {
  fc.assert(
    fc.property(draw, ({ style, depthMm, takesMm, leastMm }) => {
      const least = Math.min(leastMm, takesMm);
      try {
        const depths = layerDepthsMm(style, depthMm, { takesMm, leastMm: least });
        expect(depths.reduce((sum, each) => sum + each, 0)).toBeCloseTo(depthMm, 6);
        expect(Math.max(...depths)).toBeLessThanOrEqual(takesMm + 1e-5);
        if (depths.length > 1) expect(Math.min(...depths)).toBeGreaterThanOrEqual(least - 1e-5);
      } catch (error) {
        if (!(error instanceof InputError)) throw error;
        if (style === 'lock-in') return;
        // As many as need be to keep under the greatest are more than keep their least.
        expect(Math.ceil(depthMm / takesMm - 1e-9) * least).toBeGreaterThan(depthMm);
        const { lowerMm, upperMm } = error.data as { lowerMm?: number; upperMm: number };
        for (const other of [lowerMm, upperMm].filter((each) => each !== undefined)) {
          expect(() => layerDepthsMm(style, other, { takesMm, leastMm: least })).not.toThrow();
        }
      }
    }),
  );
});
