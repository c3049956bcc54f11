import * as fc from 'fast-check';
import { object } from 'yup';
import { measureKeys } from '../job/jobKeys';
import { checkedOrThrow } from '../schema/check';
import { measureWhole, type MeasuredWhole } from './measureWhole';
import { outlineBetween, stretchOf } from './stretchOf';

const reading = { tapeStepMm: 1, scaleStepG: 0.1, mixedDensityGPerMl: 1.1 };
const measured = (measure: object): MeasuredWhole =>
  measureWhole(checkedOrThrow(object(measureKeys), measure), reading);

const bowl = {
  parts: [
    { shape: 'frustum', bottomDiameter: '120 mm', topDiameter: '200 mm', depth: '80 mm', count: 2 },
  ],
};
const withPost = {
  parts: [{ shape: 'box', length: '100 mm', width: '100 mm', depth: '50 mm' }],
  inserts: [
    { shape: 'box', length: '20 mm', width: '10 mm', depth: '30 mm', height: '10 mm', count: 2 },
  ],
};

describe('a stretch of a form', () => {
  test('stands on its lower height: volumes, areas and depth are told from there', () => {
    const whole = measured(bowl);
    const upper = stretchOf(whole, 20, 80);
    expect(upper.depthMm).toBe(60);
    expect(upper.cavityMl).toBeCloseTo(2 * 1376.02, 1);
    expect(upper.volumeBelowMl(0)).toBe(0);
    expect(upper.volumeBelowMl(60)).toBeCloseTo(upper.cavityMl, 9);
    expect(upper.areaAtMm2(10)).toBeCloseTo(whole.areaAtMm2(30), 9);
    expect(upper.volumesBelowMl()(60)[0]).toBeCloseTo(upper.cavityMl, 9);
    expect(upper.parts[0]).toMatchObject({ count: 2, depthMm: 60 });
    expect(upper.parts[0]!.eachMl).toBeCloseTo(1376.02, 2);
  });

  test('ends at its upper height: what is asked over it is what it holds', () => {
    const lower = stretchOf(measured(bowl), 0, 20);
    expect(lower.volumeBelowMl(50)).toBe(lower.volumeBelowMl(20));
    expect(lower.areaAtMm2(50)).toBe(lower.areaAtMm2(20));
    expect(lower.volumeBelowMl(-3)).toBe(0);
  });

  test('its doubt is its share of the doubt of the form', () => {
    const whole = measured(bowl);
    const lower = stretchOf(whole, 0, 20);
    expect(lower.plusMinusMl / lower.cavityMl).toBeCloseTo(whole.plusMinusMl / whole.cavityMl, 12);
  });

  test('an insert is in each stretch by what of it stands there, and not where none of it does', () => {
    const whole = measured(withPost);
    const [foot, middle, top] = [
      stretchOf(whole, 0, 10),
      stretchOf(whole, 10, 25),
      stretchOf(whole, 25, 50),
    ];
    expect(foot.inserts).toEqual([]);
    expect(middle.inserts[0]!.ml).toBeCloseTo(2 * 0.2 * 15, 9);
    expect(middle.inserts[0]).toMatchObject({ heightMm: 0, topMm: 30, count: 2 });
    expect(top.inserts[0]!.ml).toBeCloseTo(2 * 0.2 * 15, 9);
    expect(top.inserts[0]!.heightMm).toBe(-15);
    expect(foot.cavityMl).toBeCloseTo(100, 9);
    expect(middle.cavityMl).toBeCloseTo(150 - 6, 9);
    expect(top.cavityMl).toBeCloseTo(250 - 6, 9);
  });

  test('a part that is less deep ends where it ends', () => {
    const both = measured({
      parts: [
        { shape: 'box', length: '100 mm', width: '100 mm', depth: '50 mm' },
        { shape: 'box', length: '100 mm', width: '50 mm', depth: '20 mm' },
      ],
    });
    const top = stretchOf(both, 30, 50);
    expect(top.parts.map(({ ml }) => ml)).toEqual([expect.closeTo(200, 9), 0]);
    expect(top.parts.map(({ depthMm }) => depthMm)).toEqual([20, 0]);
  });
});

describe('the cut of a stretch', () => {
  const outline = [
    { heightMm: 0, widthMm: 100 },
    { heightMm: 40, widthMm: 140 },
    { heightMm: 80, widthMm: 140 },
  ];

  test('straight between the points that are there, which stay', () => {
    expect(outlineBetween(outline, 10, 60)).toEqual([
      { heightMm: 0, widthMm: 110 },
      { heightMm: 30, widthMm: 140 },
      { heightMm: 50, widthMm: 140 },
    ]);
    expect(outlineBetween(outline, 0, 80)).toEqual(outline);
  });

  test('a hole goes with it, from where it begins', () => {
    const ring = outline.map((point, at) => (at === 0 ? point : { ...point, holeMm: 20 }));
    expect(outlineBetween(ring, 20, 40)[0]).toEqual({ heightMm: 0, widthMm: 120, holeMm: 10 });
  });

  test('nothing outside of it', () => {
    expect(outlineBetween(outline, 90, 100)).toEqual([]);
    expect(outlineBetween([], 0, 10)).toEqual([]);
    expect(outlineBetween(outline, 40, 40)).toEqual([]);
  });
});

test('stretches one on another are the form, cell by cell, whatever the cuts', () => {
  const mm = (least: number, most: number) =>
    fc.double({ min: least, max: most, noNaN: true }).map((value) => Number(value.toFixed(3)));
  const drawn = fc.record({
    bottom: mm(30, 150),
    top: mm(30, 150),
    depth: mm(40, 80),
    cut: mm(0.05, 0.95),
    at: mm(0, 1),
  });
  fc.assert(
    fc.property(drawn, ({ bottom, top, depth, cut, at }) => {
      const whole = measured({
        parts: [
          {
            shape: 'frustum',
            bottomDiameter: `${bottom} mm`,
            topDiameter: `${top} mm`,
            depth: `${depth} mm`,
          },
          { shape: 'box', length: '50 mm', width: '40 mm', depth: `${depth} mm`, draft: '1°' },
        ],
      });
      const border = cut * depth;
      const [lower, upper] = [stretchOf(whole, 0, border), stretchOf(whole, border, depth)];
      expect(lower.cavityMl + upper.cavityMl).toBeCloseTo(whole.cavityMl, 8);
      whole.parts.forEach(({ ml }, part) =>
        expect(lower.parts[part]!.ml + upper.parts[part]!.ml).toBeCloseTo(ml, 8),
      );
      const height = at * (depth - border);
      expect(lower.cavityMl + upper.volumeBelowMl(height)).toBeCloseTo(
        whole.volumeBelowMl(border + height),
        8,
      );
    }),
  );
});
