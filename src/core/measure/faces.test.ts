import * as fc from 'fast-check';
import { checkedOrThrow } from '../schema/check';
import { channelFaces } from './channel/channelFaces';
import { coverForm } from './coverForm';
import { measureWhole, type MeasuredWhole } from './measureWhole';
import { meshFaces } from './mesh/meshFaces';
import { object } from 'yup';
import { measureKeys } from '../job/jobKeys';
import { cube, icosphere, joined } from './testShapes/meshes';

const measureSchema = object(measureKeys);
const reading = { tapeStepMm: 1, scaleStepG: 0.1, mixedDensityGPerMl: 1.1 };
const measured = (...parts: readonly object[]): MeasuredWhole =>
  measureWhole(checkedOrThrow(measureSchema, { parts }), reading);
const sides = (part: object, upToMm = Infinity): number =>
  measured(part).forms[0]!.faces!.sidesMm2!(upToMm);
const floor = (part: object): number => measured(part).forms[0]!.faces!.floorMm2;

/** ∫ from 0 to a height, in so many strips by the middle of each. */
function integral(of: (at: number) => number, to: number, strips = 4000): number {
  const step = to / strips;
  return Array.from({ length: strips }, (_, at) => of((at + 0.5) * step) * step).reduce(
    (sum, each) => sum + each,
    0,
  );
}

const box = { shape: 'box', length: '100 mm', width: '60 mm', depth: '40 mm' };

describe('faces with figures of their own', () => {
  test.each([
    [box, 2 * 160 * 40, 6000],
    [{ shape: 'cylinder', diameter: '80 mm', depth: '30 mm' }, Math.PI * 80 * 30, Math.PI * 1600],
    [
      { shape: 'ring', outerDiameter: '100 mm', innerDiameter: '60 mm', depth: '20 mm' },
      Math.PI * 160 * 20,
      Math.PI * (2500 - 900),
    ],
    // π (r + R) s with s = √(h² + (R − r)²).
    [
      { shape: 'frustum', bottomDiameter: '120 mm', topDiameter: '200 mm', depth: '80 mm' },
      Math.PI * 160 * Math.hypot(80, 40),
      Math.PI * 3600,
    ],
    // Wider below than above.
    [
      { shape: 'frustum', bottomDiameter: '200 mm', topDiameter: '120 mm', depth: '80 mm' },
      Math.PI * 160 * Math.hypot(80, 40),
      Math.PI * 10000,
    ],
    [{ shape: 'cone', diameter: '60 mm', depth: '40 mm' }, Math.PI * 30 * 50, 0],
    [{ shape: 'sphere', diameter: '60 mm' }, Math.PI * 3600, 0],
    [{ shape: 'hemisphere', diameter: '60 mm' }, Math.PI * 1800, 0],
    // A zone of a sphere of 50 mm: (40² + 20²) / 2 · 20.
    [{ shape: 'spherical-cap', diameter: '80 mm', depth: '20 mm' }, 2 * Math.PI * 50 * 20, 0],
    [
      {
        shape: 'rounded-rectangle',
        length: '100 mm',
        width: '60 mm',
        radius: '10 mm',
        depth: '5 mm',
      },
      (2 * (80 + 40) + 2 * Math.PI * 10) * 5,
      6000 - (4 - Math.PI) * 100,
    ],
    [
      { shape: 'triangle', sideA: '30 mm', sideB: '40 mm', sideC: '50 mm', depth: '10 mm' },
      1200,
      600,
    ],
  ] as const)('%j', (part, wallsMm2, floorMm2) => {
    expect(sides(part) / wallsMm2).toBeCloseTo(1, 9);
    expect(floor(part)).toBeCloseTo(floorMm2, 6);
  });

  test('an ellipse: its rim by the series of Ramanujan', () => {
    const [a, b] = [60, 35];
    const h = ((a - b) / (a + b)) ** 2;
    const rimMm = Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
    const part = { shape: 'ellipse', length: '120 mm', width: '70 mm', depth: '10 mm' };
    expect(sides(part) / (rimMm * 10)).toBeCloseTo(1, 8);
  });

  test('a pyramid of unequal slopes: four trapezoids', () => {
    const part = {
      shape: 'pyramid',
      bottomLength: '60 mm',
      bottomWidth: '40 mm',
      topLength: '90 mm',
      topWidth: '50 mm',
      depth: '20 mm',
    };
    const long = ((60 + 90) / 2) * Math.hypot(20, 5);
    const short = ((40 + 50) / 2) * Math.hypot(20, 15);
    expect(sides(part)).toBeCloseTo(2 * (long + short), 6);
  });

  test('walls that lean by their draft, up to any height', () => {
    const lean = (5 * Math.PI) / 180;
    const part = { ...box, draft: '5°' };
    const rim = (heightMm: number): number => 2 * 160 - 8 * (40 - heightMm) * Math.tan(lean);
    for (const upToMm of [1, 10, 25, 40]) {
      expect(sides(part, upToMm)).toBeCloseTo(integral(rim, upToMm) / Math.cos(lean), 4);
    }
  });

  test('nothing under the floor, and no more over the rim', () => {
    expect(sides(box, -5)).toBe(0);
    expect(sides(box, 400)).toBe(sides(box, 40));
    expect(sides(box, 10)).toBeCloseTo(sides(box) / 4, 9);
  });
});

describe('a channel', () => {
  const station = (atMm: number, widthMm: number, depthMm: number) => ({
    atMm,
    widthMm,
    depthMm,
  });
  const level = [station(0, 80, 45), station(300, 60, 45), station(700, 90, 45)];

  test('two edges between two stations, each √(Δx² + (Δw/2)²)', () => {
    const edges = Math.hypot(300, 10) + Math.hypot(400, 15);
    expect(channelFaces(level).sidesMm2!(45)).toBeCloseTo(2 * edges * 45, 6);
    expect(channelFaces(level).sidesMm2!(20)).toBeCloseTo(2 * edges * 20, 6);
    expect(channelFaces(level).floorMm2).toBeCloseTo(300 * 70 + 400 * 75, 9);
  });

  test('a floor that rises: walls only where they stand over it', () => {
    const rising = [station(0, 80, 40), station(500, 80, 10)];
    const wall = (upToMm: number) =>
      2 * integral((at) => Math.max(0, upToMm - (30 * at) / 500), 500);
    for (const upToMm of [5, 20, 30, 35, 40]) {
      expect(channelFaces(rising).sidesMm2!(upToMm) / wall(upToMm)).toBeCloseTo(1, 5);
    }
    const falling = rising.map((each, index) => ({ ...each, depthMm: [10, 40][index]! }));
    expect(channelFaces(falling).sidesMm2!(20)).toBeCloseTo(channelFaces(rising).sidesMm2!(20), 9);
  });
});

describe('a mesh', () => {
  test('a cube: four walls, and the floor that it stands on', () => {
    const { sidesMm2, floorMm2 } = meshFaces(cube(20), 0, 20);
    expect(sidesMm2.at(-1)).toBeCloseTo(1600, 9);
    expect(sidesMm2[sidesMm2.length >> 1]).toBeCloseTo(800, 6);
    expect(sidesMm2[0]).toBe(0);
    expect(floorMm2).toBeCloseTo(400, 9);
  });

  test('two cubes that stand apart, one of them raised', () => {
    const both = joined([cube(20), cube(10, [100, 0, 10])]);
    const { sidesMm2, floorMm2 } = meshFaces(both, 0, 20);
    expect(sidesMm2.at(-1)).toBeCloseTo(1600 + 400, 9);
    expect(sidesMm2[64]).toBeCloseTo(800, 6);
    expect(floorMm2).toBeCloseTo(500, 9);
  });

  test('a sphere of many triangles comes to a zone of a sphere, at every height', () => {
    const { sidesMm2 } = meshFaces(icosphere(50, 5), -50, 100);
    for (const step of [16, 32, 64, 96, 128]) {
      const zoneMm2 = 2 * Math.PI * 50 * (step / 128) * 100;
      expect(sidesMm2[step]! / zoneMm2).toBeGreaterThan(0.985);
      expect(sidesMm2[step]! / zoneMm2).toBeLessThan(1.002);
    }
  });
});

describe('a face of the whole form under a coat', () => {
  test('parts count as often as they stand there', () => {
    const whole = measured(
      { ...box, count: 3 },
      { shape: 'cylinder', diameter: '80 mm', depth: '30 mm' },
    );
    const wallsMm2 = 3 * 12800 + Math.PI * 80 * 30;
    expect(coverForm(whole, 'sides', 40, 0.5).whole.cavityMl).toBeCloseTo(
      (wallsMm2 * 0.5) / 1000,
      6,
    );
    const both = coverForm(whole, 'sides-and-floor', 40, 1).whole.cavityMl;
    const floorMl = coverForm(whole, 'floor', 40, 1).whole.cavityMl;
    expect(both).toBeCloseTo(coverForm(whole, 'sides', 40, 1).whole.cavityMl + floorMl, 9);
  });

  test('the level face at a height is what is open there', () => {
    const cone = measured({
      shape: 'frustum',
      bottomDiameter: '120 mm',
      topDiameter: '200 mm',
      depth: '80 mm',
    });
    expect(coverForm(cone, 'surface', 40, 2).whole.cavityMl).toBeCloseTo(Math.PI * 6400 * 0.002, 9);
  });

  test('its coat is as unsure as the form', () => {
    const whole = measured(box);
    const { whole: coat } = coverForm(whole, 'sides', 40, 0.5);
    expect(coat.plusMinusMl / coat.cavityMl).toBeCloseTo(whole.plusMinusMl / whole.cavityMl, 12);
    expect(coat.depthMm).toBe(0.5);
  });

  test.each([
    ['sides', 'no-faces'],
    ['floor', 'no-faces'],
    ['surface', 'no-faces'],
  ] as const)('a known amount has no %s: what to type instead is said', (face, code) => {
    const whole = measured({ shape: 'amount', amount: '500 ml' });
    expect(() => coverForm(whole, face, 0, 1)).toThrow(
      expect.objectContaining({ code, field: 'face' }),
    );
  });
});

describe('properties', () => {
  const mm = (least: number, most: number) =>
    fc.double({ min: least, max: most, noNaN: true }).map((value) => Number(value.toFixed(2)));

  test('walls grow with height, and by no less than the upright would', () => {
    const drawn = fc.record({ bottom: mm(20, 200), top: mm(20, 200), depth: mm(10, 100) });
    fc.assert(
      fc.property(drawn, ({ bottom, top, depth }) => {
        const part = {
          shape: 'frustum',
          bottomDiameter: `${bottom} mm`,
          topDiameter: `${top} mm`,
          depth: `${depth} mm`,
        };
        const heights = [0, 0.25, 0.5, 0.75, 1].map((share) => share * depth);
        const areas = heights.map((heightMm) => sides(part, heightMm));
        areas.forEach((areaMm2, at) => {
          if (at === 0) return expect(areaMm2).toBe(0);
          expect(areaMm2).toBeGreaterThan(areas[at - 1]!);
        });
        expect(areas.at(-1)).toBeGreaterThanOrEqual(
          ((Math.PI * (bottom + top)) / 2) * depth * (1 - 1e-9),
        );
      }),
    );
  });
});
