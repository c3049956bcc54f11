import * as fc from 'fast-check';
import type { Job } from '../../job/jobSchema';
import { planJob } from '../../plan/planJob';
import { flatOutline } from '../flat/flatOutline';
import { flatRules, flatShapes, type FlatRule, type FlatShape } from '../flat/flatRules';
import { signedArea } from '../outline/polygon';
import { domeOf, domeSlab, heightByAngleMm, type DomedFace } from './dome';
import { membraneOver } from './membrane';
import { runs } from '../../../testing/campaign';

const circle = (diameter: number): DomedFace => ({
  areaMm2: (Math.PI * diameter ** 2) / 4,
  perimeterMm: Math.PI * diameter,
  widthMm: diameter,
  outlinesMm: [flatOutline('circle', { diameter })],
  halfAxesMm: [diameter / 2, diameter / 2],
});

it('holds 1.074 ml over 30 mm when it stands 3 mm high', () => {
  const dome = domeOf(circle(30), 3, 1.1, 'sharp');
  expect(dome.capMl).toBeCloseTo(1.074, 3);
  // A cap of that height over that circle leaves it at 2 atan(h/a).
  expect(dome.edgeDeg).toBeCloseTo(2 * Math.atan(0.2) * (180 / Math.PI), 9);
});

it('is the same by its height and by the angle at its edge', () => {
  const size = fc.double({ min: 5, max: 80, noNaN: true });
  fc.assert(
    fc.property(size, fc.double({ min: 1, max: 120, noNaN: true }), (diameter, deg) => {
      const face = circle(diameter);
      expect(domeOf(face, heightByAngleMm(face, deg), 1.1, 'sharp').edgeDeg).toBeCloseTo(deg, 6);
    }),
    { numRuns: runs(15, 500) },
  );
});

it('has level areas that begin with its face, end with nothing and hold its volume', () => {
  const dome = domeOf(circle(30), 3, 1.1, 'sharp');
  const {
    areaMm2: [c0, c1, c2],
  } = domeSlab(circle(30).areaMm2, dome, 0);
  expect(c0 + 3 * (c1 + 3 * c2)).toBeCloseTo(0, 9);
  expect((3 * c0 + (9 * c1) / 2 + 9 * c2) / 1000).toBeCloseTo(dome.capMl, 12);
  // Exact over a circle: the area of a sphere's level cuts is −π z².
  expect(c2).toBeCloseTo(-Math.PI, 9);
});

describe('a skin over an outline', () => {
  it('is the exact one over a circle, a square, a triangle and a ring', () => {
    const round = membraneOver([flatOutline('circle', { diameter: 30 })], Infinity);
    expect(round.highest / (15 ** 2 / 4)).toBeCloseTo(1, 2);
    expect(round.mean / round.highest).toBeCloseTo(0.5, 2);
    const square = membraneOver([flatOutline('rectangle', { length: 20, width: 20 })], Infinity);
    expect(square.highest / 400).toBeCloseTo(0.07367, 3);
    expect(square.mean / 400).toBeCloseTo(0.03514, 4);
    const triangle = membraneOver(
      [flatOutline('triangle', { sideA: 20, sideB: 20, sideC: 20 })],
      Infinity,
    );
    expect((triangle.highest * 36) / 400).toBeCloseTo(1, 2);
    expect((triangle.mean * 80) / 400).toBeCloseTo(1, 2);
    const ring = membraneOver(
      [flatOutline('circle', { diameter: 30 }), flatOutline('circle', { diameter: 10 })],
      Infinity,
    );
    expect(ring.mean / ((225 + 25 - 200 / Math.log(3)) / 8)).toBeCloseTo(1, 2);
  });

  it('is flattened by its weight to the height of a wide puddle', () => {
    const heavy = membraneOver([flatOutline('circle', { diameter: 60 })], 1.8);
    expect(heavy.highest / 1.8 ** 2).toBeCloseTo(1, 2);
    expect(heavy.mean / heavy.highest).toBeGreaterThan(0.85);
  });
});

it('draws every flat shape with the area that its rule has', () => {
  const values: Readonly<Record<FlatShape, Readonly<Record<string, number>>>> = {
    rectangle: { length: 40, width: 25 },
    'rounded-rectangle': { length: 40, width: 25, radius: 6 },
    circle: { diameter: 30 },
    ellipse: { length: 40, width: 18 },
    polygon: { sides: 7, acrossFlats: 30 },
    triangle: { sideA: 30, sideB: 26, sideC: 22 },
  };
  for (const shape of flatShapes) {
    const rule: FlatRule = flatRules[shape];
    const drawn = Math.abs(signedArea(flatOutline(shape, values[shape])));
    // What is round is drawn with 64 points.
    expect(drawn / rule.plan(values[shape]).areaMm2).toBeCloseTo(1, 2);
  }
});

describe('a dome in a plan', () => {
  const job = (part: object): Job => ({
    format: 'nipperkin-job',
    version: 2,
    name: 'Dials',
    room: { temperature: '21 °C' },
    measure: { parts: [{ shape: 'dome', count: 4, ...part } as never] },
    pours: [
      {
        resin: {
          name: 'Table coat',
          family: 'coating-epoxy',
          ratio: { by: 'weight', a: 2, b: 1 },
          densityMixed: '1.1 g/ml',
          viscosity: '0.9 Pa*s',
        },
      },
    ],
  });

  it('comes with its drops and with when it holds its edge', () => {
    const plan = planJob(job({ face: { shape: 'circle', diameter: '30 mm' }, height: '2 mm' }));
    const [dome] = plan.pours[0]!.domes;
    expect(plan.pours[0]!.cavityMl).toBeCloseTo(4 * dome!.eachMl, 9);
    expect(dome!.drops).toBeCloseTo(dome!.eachMl / 0.03, 9);
    expect(dome!.dropAssumed).toBe(true);
    const gelH = plan.pours[0]!.flow!.layers[0]!.gelH;
    expect(dome!.holdsFromH).toBeGreaterThan(0);
    expect(dome!.holdsFromH! + dome!.holdsBeforeGelMin! / 60).toBeCloseTo(gelH, 1);
    expect(plan.warnings.map(({ code }) => code)).not.toContain('dome-runs-over');
  });

  it('fills a bezel under it, and says how much more its weight may hold', () => {
    const face = { shape: 'circle', diameter: '30 mm' };
    const of = (part: object) => planJob(job({ face, height: '2 mm', ...part })).pours[0]!;
    expect(of({ recess: '1.5 mm' }).cavityMl - of({}).cavityMl).toBeCloseTo(
      (4 * Math.PI * 225 * 1.5) / 1000,
      9,
    );
    expect(of({}).cavityErrs).toBe('low');
    expect(of({ twentyDrops: '1.1 g' }).domes[0]!.dropMl).toBeCloseTo(0.05, 12);
  });

  it('warns of what its edge does not hold, sooner where that is rounded', () => {
    const codes = (part: object) =>
      planJob(job({ face: { shape: 'circle', diameter: '30 mm' }, ...part })).warnings.map(
        ({ code }) => code,
      );
    expect(codes({ height: '5 mm' })).toContain('dome-runs-over');
    expect(codes({ height: '2 mm', rim: 'rounded' })).toContain('dome-runs-over');
    expect(codes({ height: '1 mm', rim: 'rounded' })).not.toContain('dome-runs-over');
  });

  it('stands over any outline, traced ones with their doubt', () => {
    const square = { shape: 'rectangle', length: '20 mm', width: '20 mm' };
    const [dome] = planJob(job({ face: square, angle: '20°' })).pours[0]!.domes;
    expect(dome!.edgeDeg).toBeCloseTo(20, 6);
    // κ of a square is 0.477; the rest is what a cap has over a paraboloid.
    const bulge = 1 + (dome!.heightMm ** 2 * Math.PI) / 1200;
    expect(dome!.capMl / ((400 * dome!.heightMm * bulge) / 1000)).toBeCloseTo(0.477, 2);
    const traced = {
      shape: 'traced',
      outlines: [{ points: [0, 0, 4, 0, 4, 4, 0, 4] }],
      scale: { by: 'grid', square: '5 mm' },
    };
    const plan = planJob(job({ face: traced, height: '1 mm' }));
    expect(plan.pours[0]!.domes[0]!.areaMm2).toBeCloseTo(400, 6);
  });
});
