import { InputError } from '../../problem';
import { measurePart } from '../parts/measurePart';
import type { Reading } from '../parts/reading';
import type { Part } from '../parts/partSchema';

const reading: Reading = { tapeStepMm: 1, scaleStepG: 1, mixedDensityGPerMl: 1.1 };
const solid = (part: Part) => measurePart(part, reading).solid;
const ml = (part: Part): number => solid(part).volumeMl;

test.each<[string, Part, number]>([
  [
    'a rounded box',
    {
      shape: 'rounded-rectangle',
      length: '100 mm',
      width: '60 mm',
      radius: '10 mm',
      depth: '20 mm',
      count: 1,
    },
    (6000 - (4 - Math.PI) * 100) * 20,
  ],
  [
    'a ring',
    { shape: 'ring', outerDiameter: '80 mm', innerDiameter: '60 mm', depth: '20 mm', count: 1 },
    ((Math.PI * (6400 - 3600)) / 4) * 20,
  ],
  [
    'a tapered box',
    {
      shape: 'pyramid',
      bottomLength: '60 mm',
      bottomWidth: '40 mm',
      topLength: '120 mm',
      topWidth: '80 mm',
      depth: '30 mm',
      count: 1,
    },
    // h/3 · (A₀ + A₁ + √(A₀A₁)), as the sides keep their proportion.
    (30 / 3) * (2400 + 9600 + 4800),
  ],
  [
    'a cone',
    { shape: 'cone', diameter: '60 mm', depth: '90 mm', count: 1 },
    (Math.PI * 900 * 90) / 3,
  ],
  [
    'a cap',
    { shape: 'spherical-cap', diameter: '80 mm', depth: '20 mm', count: 1 },
    // πh(3a² + h²)/6
    (Math.PI * 20 * (3 * 1600 + 400)) / 6,
  ],
  ['half a ball', { shape: 'hemisphere', diameter: '80 mm', count: 1 }, (2 / 3) * Math.PI * 64_000],
  ['a ball', { shape: 'sphere', diameter: '80 mm', count: 1 }, (4 / 3) * Math.PI * 64_000],
  [
    'an oval',
    { shape: 'ellipse', length: '120 mm', width: '80 mm', depth: '10 mm', count: 1 },
    Math.PI * 60 * 40 * 10,
  ],
  [
    'a hexagon',
    { shape: 'polygon', sides: 6, acrossFlats: '50 mm', depth: '10 mm', count: 1 },
    // (√3/2)·d²
    (Math.sqrt(3) / 2) * 2500 * 10,
  ],
  [
    'a triangle',
    { shape: 'triangle', sideA: '30 mm', sideB: '40 mm', sideC: '50 mm', depth: '10 mm', count: 1 },
    600 * 10,
  ],
  [
    'a tray with drafted walls',
    { shape: 'box', length: '100 mm', width: '60 mm', depth: '20 mm', draft: '45 deg', count: 1 },
    // ∫ (100 − 2t)(60 − 2t) dt from 0 to 20.
    6000 * 20 - 160 * 400 + (4 / 3) * 8000,
  ],
  [
    'a round tray with drafted walls is a frustum',
    { shape: 'cylinder', diameter: '100 mm', depth: '20 mm', draft: '45 deg', count: 1 },
    ((Math.PI * 20) / 12) * (10_000 + 6000 + 3600),
  ],
  [
    'a hollow box',
    { shape: 'box', length: '100 mm', width: '60 mm', depth: '30 mm', wall: '5 mm', count: 1 },
    100 * 60 * 30 - 90 * 50 * 25,
  ],
  [
    'a hollow ball',
    { shape: 'sphere', diameter: '80 mm', wall: '4 mm', count: 1 },
    (4 / 3) * Math.PI * (40 ** 3 - 36 ** 3),
  ],
  [
    'a hollow half ball, open at the rim',
    { shape: 'hemisphere', diameter: '80 mm', wall: '4 mm', count: 1 },
    (2 / 3) * Math.PI * (40 ** 3 - 36 ** 3),
  ],
  [
    'a hollow cylinder',
    { shape: 'cylinder', diameter: '50 mm', depth: '40 mm', wall: '3 mm', count: 1 },
    Math.PI * (625 * 40 - 484 * 37),
  ],
])('%s', (_, part, mm3) => {
  const found = solid(part);
  expect(found.volumeMl / (mm3 / 1000)).toBeCloseTo(1, 9);
  expect(found.volumeBelowMl(found.depthMm ?? 0)).toBe(found.volumeMl);
});

test('the hollow of a cone has walls of even thickness', () => {
  const inner = solid({ shape: 'cone', diameter: '60 mm', depth: '40 mm', wall: '6 mm', count: 1 });
  // The wall leans by 3 : 4, so it reaches 6 / cos 36.87° = 7.5 mm across; the hollow's point is 10 mm up.
  const hollow = (Math.PI * 22.5 ** 2 * 30) / 3;
  expect(inner.volumeMl).toBeCloseTo(((Math.PI * 900 * 40) / 3 - hollow) / 1000, 9);
});

test('rounded corners of a drafted tray turn square where their radius is used up', () => {
  const tray: Part = {
    shape: 'rounded-rectangle',
    length: '100 mm',
    width: '60 mm',
    radius: '5 mm',
    depth: '20 mm',
    draft: '45 deg',
    count: 1,
  };
  // Corners are missing from the upper 5 mm only: (4 − π)∫(5 − t)² dt.
  const square = 6000 * 20 - 160 * 400 + (4 / 3) * 8000;
  expect(ml(tray)).toBeCloseTo((square - ((4 - Math.PI) * 125) / 3) / 1000, 9);
  expect(solid(tray).volumeBelowMl(15)).toBeCloseTo(
    // 70 × 30 at 15 mm over the floor, 60 × 20 at the floor.
    (1200 * 15 + (160 * 225) / 2 + (4 * 3375) / 3) / 1000,
    9,
  );
});

test.each<[string, Part, string, string]>([
  [
    'a corner rounder than the side',
    {
      shape: 'rounded-rectangle',
      length: '50 mm',
      width: '20 mm',
      radius: '11 mm',
      depth: '5 mm',
      count: 1,
    },
    'corner-too-round',
    'radius',
  ],
  [
    'sides that do not meet',
    { shape: 'triangle', sideA: '10 mm', sideB: '20 mm', sideC: '30 mm', depth: '5 mm', count: 1 },
    'no-triangle',
    'sideC',
  ],
  [
    'two sides',
    { shape: 'polygon', sides: 2, acrossFlats: '9 mm', depth: '5 mm', count: 1 },
    'too-few-sides',
    'sides',
  ],
  [
    'walls that meet above the floor',
    { shape: 'box', length: '50 mm', width: '20 mm', depth: '30 mm', draft: '20 deg', count: 1 },
    'draft-too-great',
    'draft',
  ],
  [
    'a wall that leaves no hollow',
    { shape: 'box', length: '50 mm', width: '20 mm', depth: '30 mm', wall: '10 mm', count: 1 },
    'wall-too-thick',
    'wall',
  ],
  [
    'a ball all wall',
    { shape: 'sphere', diameter: '20 mm', wall: '10 mm', count: 1 },
    'wall-too-thick',
    'wall',
  ],
  [
    'a ring inside out',
    { shape: 'ring', outerDiameter: '20 mm', innerDiameter: '30 mm', depth: '5 mm', count: 1 },
    'ring-inside-out',
    'innerDiameter',
  ],
])('%s is refused at its field', (_, part, code, field) => {
  expect(() => ml(part)).toThrow(InputError);
  expect(() => ml(part)).toThrow(expect.objectContaining({ code, field }));
});

test('the doubt says which length it comes from most', () => {
  const { doubt } = measurePart(
    { shape: 'box', length: '300 mm', width: '200 mm', depth: '31.75 mm', count: 1 },
    reading,
  );
  expect(doubt.plusMinusMl).toBeCloseTo(Math.hypot(30, 3.175, 4.7625), 3);
  expect(doubt).toMatchObject({ rule: 'reading', errs: 'either', data: { most: 'depth' } });
});
