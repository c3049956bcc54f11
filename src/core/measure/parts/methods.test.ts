import type { DoubtRules } from '../doubt';
import { waterDensityGPerMl } from '../fill/water';
import { measurePart } from './measurePart';
import type { Part } from './partSchema';

const reading = { tapeStepMm: 1, scaleStepG: 1, mixedDensityGPerMl: 1.1 };
const measured = (part: Part) => measurePart(part, reading);

describe('fill tests', () => {
  test.each([
    [4, 0.999975],
    [10, 0.9997026],
    [20, 0.9982071],
    [30, 0.995649],
    [40, 0.992219],
  ])('water at %d °C weighs %d g/ml', (celsius, density) => {
    expect(waterDensityGPerMl(celsius)).toBeCloseTo(density, 5);
  });

  test('water on a scale: mass over its density at its temperature; the mould is to be dried', () => {
    const found = measured({ shape: 'wet-fill', mass: '412 g', water: '18 °C', count: 1 });
    expect(found.solid.volumeMl).toBeCloseTo(412 / 0.998597, 2);
    expect(found.doubt).toMatchObject({ rule: 'wet-scale', errs: 'either' });
    expect(found.warnings.map(({ code }) => code)).toEqual(['dry-the-mould']);
  });

  test('a scale is surer than a jug', () => {
    const scale = measured({ shape: 'wet-fill', mass: '412 g', water: '18 °C', count: 1 });
    const jug = measured({ shape: 'wet-fill', volume: '412 ml', count: 1 });
    expect(scale.doubt.plusMinusMl).toBeLessThan(jug.doubt.plusMinusMl / 2);
  });

  test('a porous mould refuses water unless overruled, and says then what it does', () => {
    const part = { shape: 'wet-fill', volume: '412 ml', material: 'plaster', count: 1 } as const;
    expect(() => measured(part)).toThrow(
      expect.objectContaining({ code: 'porous-mould', field: 'material' }),
    );
    expect(measured({ ...part, overruled: true }).warnings.map(({ code }) => code)).toEqual([
      'dry-the-mould',
      'porous-overruled',
    ]);
  });

  test('grain by weight over its bulk density reads low', () => {
    const found = measured({
      shape: 'dry-fill',
      mass: '324 g',
      bulkDensity: '0.81 g/ml',
      count: 1,
    });
    expect(found.solid.volumeMl).toBeCloseTo(400, 9);
    expect(found.doubt).toMatchObject({ rule: 'dry-weight', errs: 'low' });
    expect(measured({ shape: 'dry-fill', volume: '400 ml', count: 1 }).doubt.errs).toBe('low');
  });

  test('a depth gives straight sides, and says that they are assumed', () => {
    const found = measured({ shape: 'dry-fill', volume: '400 ml', depth: '80 mm', count: 1 });
    expect(found.solid.volumeBelowMl(20)).toBeCloseTo(100, 9);
    expect(found.warnings.map(({ code }) => code)).toEqual(['straight-sides-assumed']);
  });
});

test('by weight and by displacement', () => {
  const weighed = measured({ shape: 'weighed', mass: '412 g', density: '1.13 g/ml', count: 1 });
  expect(weighed.solid.volumeMl).toBeCloseTo(364.6018, 4);
  expect(weighed.doubt.plusMinusMl).toBeCloseTo(Math.hypot(3.646, 0.4425), 3);
  const dunked = measured({ shape: 'displaced', before: '400 ml', after: '450 ml', count: 1 });
  expect(dunked.solid.volumeMl).toBeCloseTo(50, 9);
  expect(dunked.doubt.errs).toBe('high');
  expect(() =>
    measured({ shape: 'displaced', before: '450 ml', after: '400 ml', count: 1 }),
  ).toThrow(expect.objectContaining({ code: 'level-not-risen', field: 'after' }));
});

describe('rectangles laid over', () => {
  const part = (narrowest?: string): Part => ({
    shape: 'rectangles',
    rectangles: [
      { length: '300 mm', width: '80 mm', narrowest },
      { length: '200 mm', width: '60 mm', narrowest },
    ],
    depth: '40 mm',
    count: 1,
  });

  test('add up, and may be high by what an oval would leave', () => {
    const { solid, doubt } = measured(part());
    expect(solid.volumeMl).toBeCloseTo(36_000 * 0.04, 9);
    expect(doubt).toMatchObject({ rule: 'rectangles', errs: 'high' });
    const { highMl } = doubt.data as DoubtRules['rectangles-narrowest'];
    expect(highMl).toBeCloseTo(1440 * (1 - Math.PI / 4), 9);
  });

  test('or down to their narrowest widths', () => {
    const { doubt } = measured(part('50 mm'));
    expect(doubt.rule).toBe('rectangles-narrowest');
    const { highMl } = doubt.data as DoubtRules['rectangles-narrowest'];
    expect(highMl).toBeCloseTo((300 * 30 + 200 * 10) * 0.04, 9);
    expect(() => measured(part('70 mm'))).toThrow(
      expect.objectContaining({ code: 'narrowest-too-wide', field: 'rectangles[1].narrowest' }),
    );
  });
});

describe('coats', () => {
  const lid = {
    shape: 'coat',
    length: '400 mm',
    width: '300 mm',
    thickness: '3 mm',
    count: 1,
  } as const;

  test('edges and the drip band underneath are faces of their own', () => {
    const { solid, detail } = measured({
      ...lid,
      edges: { height: '18 mm', thickness: '1 mm' },
      underside: { band: '20 mm' },
    });
    const faces = detail?.kind === 'coat' ? detail.faces.map(({ ml }) => ml) : [];
    // The band goes round inside the edge: 400 × 300 less 360 × 260.
    expect(faces.map((ml) => Number(ml.toFixed(6)))).toEqual([
      360,
      25.2,
      (120_000 - 93_600) * 0.003,
    ]);
    expect(solid.volumeMl).toBeCloseTo(360 + 25.2 + 79.2, 9);
    expect(solid.depthMm).toBe(3);
  });

  test('round an oval the edges follow its perimeter', () => {
    const { detail } = measured({
      shape: 'coat',
      face: { shape: 'circle', diameter: '200 mm' },
      thickness: '2 mm',
      edges: { height: '10 mm' },
      count: 1,
    });
    const edge = detail?.kind === 'coat' ? detail.faces[1] : undefined;
    expect(edge?.ml).toBeCloseTo((Math.PI * 200 * 10 * 2) / 1000, 9);
  });

  test('a traced face is coated by its area', () => {
    const found = measured({
      shape: 'coat',
      face: {
        shape: 'traced',
        outlines: [{ points: [0, 0, 100, 0, 100, 100, 0, 100] }],
        scale: { by: 'grid', square: '10 mm' },
      },
      thickness: '1 mm',
      count: 1,
    });
    expect(found.solid.volumeMl).toBeCloseTo(1000, 9);
    expect(found.doubt.plusMinusMl).toBeGreaterThan(0);
  });

  test('a face of which only the area is known has no edges to coat', () => {
    expect(() =>
      measured({
        shape: 'coat',
        area: '1 m2',
        thickness: '3 mm',
        edges: { height: '18 mm' },
        count: 1,
      }),
    ).toThrow(expect.objectContaining({ code: 'perimeter-unknown', field: 'edges' }));
  });
});

describe('drawings and traces', () => {
  const outlines = [{ points: [0, 0, 10, 0, 10, 10, 0, 10] }, { points: [2, 2, 4, 2, 4, 4, 2, 4] }];

  test('a drawing counts the outlines that were picked, in its unit', () => {
    const part = { shape: 'drawing', unit: 'cm', depth: '20 mm', outlines, count: 1 } as const;
    expect(measured(part).solid.volumeMl).toBeCloseTo(192, 9);
    expect(measured({ ...part, picked: [1] }).solid.volumeMl).toBeCloseTo(200, 9);
    expect(measured(part).doubt.plusMinusMl).toBeCloseTo(4.8, 9);
  });

  test.each([
    ['a file that is not read', { unit: 'mm' }, 'file-not-read', 'path'],
    ['a unit that nobody told', { outlines }, 'unit-unknown', 'unit'],
    [
      'an outline that is not there',
      { outlines, unit: 'mm', picked: [3] },
      'no-such-outline',
      'picked',
    ],
  ] as const)('%s', (_, keys, code, field) => {
    const part = { shape: 'drawing', depth: '2 mm', count: 1, ...keys } as unknown as Part;
    expect(() => measured(part)).toThrow(expect.objectContaining({ code, field }));
  });

  test('a trace says what its doubt is made of', () => {
    const { solid, doubt } = measured({
      shape: 'traced',
      outlines: [{ points: [0, 0, 300, 0, 300, 300, 0, 300] }],
      scale: { by: 'length', ends: [0, 0, 300, 0], length: '100 mm' },
      depth: '20 mm',
      count: 1,
    });
    expect(solid.volumeMl).toBeCloseTo(200, 9);
    const { tapsMl, scaleMl, depthMl } = doubt.data as DoubtRules['traced'];
    expect(tapsMl).toBeCloseTo((400 / 3) * 0.02, 9);
    expect(depthMl).toBeCloseTo(5, 9);
    expect(doubt.plusMinusMl).toBeCloseTo(Math.hypot(tapsMl, scaleMl, depthMl), 9);
  });
});

describe('moulds of the library', () => {
  const mould = {
    name: 'Knobs',
    material: 'silicone',
    cavities: [
      { volume: '12 ml', count: 6, plusMinus: '0.5 ml', depth: '18 mm' },
      { volume: '30 ml', depth: '10 mm' },
    ],
  } as const;

  test('all its cavities, or one of them', () => {
    const part = {
      shape: 'mould',
      mould: { ...mould, cavities: [...mould.cavities] },
      count: 1,
    } as Part;
    const all = measured(part);
    expect(all.solid.volumeMl).toBeCloseTo(102, 9);
    expect(all.doubt.plusMinusMl).toBeCloseTo(3, 9);
    expect(all.solid.volumeBelowMl(9)).toBeCloseTo(36 + 27, 9);
    expect(measured({ ...part, cavity: 2 } as Part).solid.volumeMl).toBeCloseTo(30, 9);
    expect(() => measured({ ...part, cavity: 3 } as Part)).toThrow(
      expect.objectContaining({ code: 'no-such-cavity', field: 'cavity' }),
    );
  });
});
