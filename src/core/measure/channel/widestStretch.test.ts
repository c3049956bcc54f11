import * as fc from 'fast-check';
import type { Station } from './station';
import { widestMeanMm } from './widestStretch';
import { runs } from '../../../testing/campaign';

const channel = (places: readonly (readonly [atMm: number, widthMm: number])[]): Station[] =>
  places.map(([atMm, widthMm]) => ({ atMm, widthMm, depthMm: 40 }));

test('a bay is told for itself: 300 mm at its widest, 290 over 100 mm, 200 on average', () => {
  const tent = channel([
    [0, 100],
    [500, 300],
    [1000, 100],
  ]);
  // 300 less the mean slope of 0.4 over 50 mm on both sides.
  expect(widestMeanMm(tent, 100)).toBeCloseTo(290, 9);
  expect(widestMeanMm(tent, 1000)).toBeCloseTo(200, 9);
  expect(widestMeanMm(tent, 5000)).toBeCloseTo(200, 9);
  expect(
    widestMeanMm(
      channel([
        [0, 80],
        [10, 300],
        [700, 80],
      ]),
      0.001,
    ),
  ).toBeCloseTo(300, 2);
});

test('never under the mean, never over the widest station, as a search by brute force finds it', () => {
  const stations = fc
    .array(fc.tuple(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 10, max: 600 })), {
      minLength: 2,
      maxLength: 12,
    })
    .map((steps) => {
      let atMm = 0;
      return channel(steps.map(([stepMm, widthMm]) => [(atMm += stepMm), widthMm] as const));
    });
  fc.assert(
    fc.property(stations, fc.integer({ min: 1, max: 300 }), (found, overMm) => {
      const widest = widestMeanMm(found, overMm);
      const mean = widestMeanMm(found, Infinity);
      expect(widest).toBeGreaterThanOrEqual(mean - 1e-9);
      expect(widest).toBeLessThanOrEqual(Math.max(...found.map(({ widthMm }) => widthMm)) + 1e-9);
      const [fromMm, toMm] = [found[0]!.atMm, found.at(-1)!.atMm];
      if (overMm >= toMm - fromMm) return;
      const widthAt = (atMm: number): number => {
        const piece = Math.min(
          found.length - 2,
          Math.max(0, found.findIndex((each) => each.atMm > atMm) - 1),
        );
        const at = found.at(-1)!.atMm <= atMm ? found.length - 2 : piece;
        const [one, two] = [found[at]!, found[at + 1]!];
        return (
          one.widthMm + ((two.widthMm - one.widthMm) * (atMm - one.atMm)) / (two.atMm - one.atMm)
        );
      };
      const meanFrom = (startMm: number): number => {
        const pieces = 100;
        let sum = 0;
        for (let piece = 0; piece < pieces; piece += 1) {
          sum += widthAt(startMm + ((piece + 0.5) / pieces) * overMm);
        }
        return sum / pieces;
      };
      let brute = 0;
      for (let step = 0; step <= 60; step += 1) {
        brute = Math.max(brute, meanFrom(fromMm + ((toMm - overMm - fromMm) * step) / 60));
      }
      // A sampled mean is rough where a station lies inside.
      expect(widest).toBeGreaterThanOrEqual(brute * 0.98);
    }),
    { numRuns: runs(200, 2000) },
  );
});
