import * as fc from 'fast-check';
import { measureChannel } from './channel';
import type { Station } from './station';

const depthMm = 45;
const places = [0, 250, 600, 900, 1250];
const widths = [82, 64, 97, 71, 88];
const inlay = widths.map((widthMm, index): Station => ({
  atMm: places[index] ?? 0,
  widthMm,
  depthMm,
}));

test('the galley inlay: trapezoid 4475.25 ml, mean width 79.56 mm', () => {
  const { solid, detail, doubt } = measureChannel(inlay, 1);
  expect(detail.rule).toBe('trapezoid');
  expect(solid.volumeMl).toBeCloseTo(4475.25, 9);
  expect(detail.meanWidthMm).toBeCloseTo(79.56, 9);
  expect(detail.lengthMm).toBe(1250);
  expect(solid.volumeBelowMl(15)).toBeCloseTo(4475.25 / 3, 9);
  expect(doubt.rule).toBe('stations');
  expect(doubt.plusMinusMl).toBeGreaterThan(50);
  expect(doubt.plusMinusMl).toBeLessThan(400);
});

test('one more station goes where the edge bends over the longest stretch, and its gain is real', () => {
  const { detail, doubt } = measureChannel(inlay, 1);
  expect(detail.nextStation?.atMm).toBe(425);
  expect(detail.nextStation?.buysMl).toBeGreaterThan(0);
  expect(detail.nextStation?.buysMl).toBeLessThan(doubt.plusMinusMl);
});

test('evenly spaced stations in odd number are taken by Simpson, exact for a cubic edge', () => {
  const edge = (x: number): number => 60 + x / 10 - (x / 100) ** 2 + (x / 200) ** 3;
  const stations = [0, 100, 200, 300, 400].map((atMm) => ({ atMm, widthMm: edge(atMm), depthMm }));
  const { solid, detail } = measureChannel(stations, 1);
  const area = 60 * 400 + 400 ** 2 / 20 - 400 ** 3 / 30_000 + 400 ** 4 / (4 * 200 ** 3);
  expect(detail.rule).toBe('simpson');
  expect(solid.volumeMl).toBeCloseTo((area * depthMm) / 1000, 9);
  expect(detail.trapezoidMl).not.toBeCloseTo(solid.volumeMl, 3);
  expect(solid.volumeBelowMl(depthMm)).toBe(solid.volumeMl);
});

test('an edge that goes in and out takes the larger of the two rules', () => {
  const at = (widths: readonly number[]) =>
    measureChannel(
      widths.map((widthMm, index) => ({ atMm: index * 100, widthMm, depthMm })),
      1,
    );
  // Simpson counts the places between twice: narrow ones there make it the smaller of the two.
  const narrow = at([100, 60, 100, 60, 100]);
  expect(narrow.detail.rule).toBe('trapezoid');
  expect(narrow.solid.volumeMl).toBeCloseTo(narrow.detail.trapezoidMl, 9);
  const wide = at([60, 100, 60, 100, 60]);
  expect(wide.detail.rule).toBe('simpson');
  expect(wide.solid.volumeMl).toBeGreaterThan(wide.detail.trapezoidMl);
  // What the two rules differ by stays the doubt of either.
  expect(narrow.doubt.plusMinusMl).toBeGreaterThan(10);
});

test('a floor that rises along the channel fills from its deep end', () => {
  // A wedge: 100 mm wide, from 40 mm deep to 20 mm deep over 300 mm.
  const { solid } = measureChannel(
    [
      { atMm: 0, widthMm: 100, depthMm: 40 },
      { atMm: 300, widthMm: 100, depthMm: 20 },
    ],
    1,
  );
  expect(solid.volumeMl).toBeCloseTo((100 * 300 * 30) / 1000, 9);
  // 10 mm over the deep end the resin reaches half the length: a wedge of ½ · 10 · 150.
  expect(solid.volumeBelowMl(10)).toBeCloseTo((100 * 750) / 1000, 9);
  expect(solid.volumeBelowMl(20)).toBeCloseTo((100 * 3000) / 1000, 9);
});

test('widths and depths that both change are integrated exactly, not averaged', () => {
  const { solid } = measureChannel(
    [
      { atMm: 0, widthMm: 100, depthMm: 40 },
      { atMm: 300, widthMm: 50, depthMm: 20 },
    ],
    1,
  );
  // ∫ (100 − 50s)(40 − 20s) ds · 300 = 300 · (4000 − 2000 + 1000/3)
  expect(solid.volumeMl).toBeCloseTo((300 * (2000 + 1000 / 3)) / 1000, 9);
});

test('two stations leave a tenth in doubt', () => {
  const { doubt } = measureChannel(inlay.slice(0, 2), 1);
  expect(doubt.rule).toBe('two-stations');
  expect(doubt.plusMinusMl).toBeGreaterThan(0.1 * 821);
});

test('more stations on one curve leave less in doubt', () => {
  const edge = (x: number): number => 70 + 20 * Math.sin(x / 180);
  const doubtWith = (count: number): number =>
    measureChannel(
      Array.from({ length: count }, (_, index) => {
        const atMm = (1200 * index) / (count - 1) + (index % 2 === 1 ? 5 : 0);
        return { atMm, widthMm: edge(atMm), depthMm };
      }),
      0.01,
    ).doubt.plusMinusMl;
  expect(doubtWith(9)).toBeLessThan(doubtWith(5));
  expect(doubtWith(33)).toBeLessThan(doubtWith(9) / 4);
});

test('an edge that bulges everywhere reads low', () => {
  const stations = [0, 100, 250, 400, 500].map((atMm) => ({
    atMm,
    widthMm: 50 + (atMm * (500 - atMm)) / 500,
    depthMm,
  }));
  const { doubt, solid } = measureChannel(stations, 0.01);
  expect(doubt.errs).toBe('low');
  const exactMl = ((50 * 500 + 500 ** 3 / 6 / 500) * depthMm) / 1000;
  expect(exactMl - solid.volumeMl).toBeGreaterThan(0);
  expect(exactMl - solid.volumeMl).toBeLessThanOrEqual(doubt.plusMinusMl * 1.0001);
});

test.each([
  [
    'stations that do not rise',
    [inlay[0], inlay[2], inlay[1]],
    'stations-not-rising',
    'stations[2].at',
  ],
  ['the same place twice', [inlay[0], inlay[0]], 'stations-not-rising', 'stations[1].at'],
  ['one station', [inlay[0]], 'too-few-stations', 'stations'],
])('%s are refused', (_, stations, code, field) => {
  expect(() => measureChannel(stations as Station[], 1)).toThrow(
    expect.objectContaining({ code, field }),
  );
});

test('V(h) has the whole volume at the rim, for any channel', () => {
  const station = fc.record({
    step: fc.integer({ min: 1, max: 400 }),
    widthMm: fc.double({ min: 1, max: 300, noNaN: true }),
    depthMm: fc.double({ min: 1, max: 90, noNaN: true }),
  });
  fc.assert(
    fc.property(fc.array(station, { minLength: 2, maxLength: 20 }), (steps) => {
      let atMm = 0;
      const stations = steps.map(({ step, ...rest }) => ({ ...rest, atMm: (atMm += step) }));
      const { solid, detail } = measureChannel(stations, 1);
      const exact = stations.slice(1).reduce((sum, right, index) => {
        const left = stations[index]!;
        const [w0, w1, d0, d1] = [left.widthMm, right.widthMm, left.depthMm, right.depthMm];
        return (
          sum + ((right.atMm - left.atMm) / 6) * (2 * w0 * d0 + 2 * w1 * d1 + w0 * d1 + w1 * d0)
        );
      }, 0);
      expect(Math.abs(detail.trapezoidMl / (exact / 1000) - 1)).toBeLessThan(1e-6);
      expect(solid.volumeBelowMl(solid.depthMm ?? 0)).toBe(solid.volumeMl);
    }),
  );
});
