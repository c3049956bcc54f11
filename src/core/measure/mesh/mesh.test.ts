import * as fc from 'fast-check';
import { measureMeshPart } from '../parts/measureMeshPart';
import type { MeshPart } from '../parts/methodSchemas';
import { cube, icosphere, insideOut, joined } from '../testShapes/meshes';
import { solidOfSnapshot } from './meshSnapshot';
import { checkMesh, measureMesh } from './measureMesh';
import { curveAt, evenHeights } from './meshCurve';
import type { IndexedMesh } from './indexedMesh';
import { asInFile, stood, upSides } from './orientation';
import { meshPreview } from './preview';
import { runs } from '../../../testing/campaign';

const measured = (mesh: IndexedMesh, orientation = asInFile, heights: number[] = []) =>
  measureMesh(checkMesh(mesh), 1, orientation, heights);
const volume = (mesh: IndexedMesh): number => solidOfSnapshot(measured(mesh)).volumeMl * 1000;

/** ⅙ Σ a·(b × c): the volume of a polyhedron by tetrahedra to the origin. */
function tetrahedra({ positions, triangles }: IndexedMesh): number {
  let sum = 0;
  for (let at = 0; at < triangles.length; at += 3) {
    const [a, b, c] = [0, 1, 2].map((k) =>
      positions.slice(3 * triangles[at + k]!, 3 * triangles[at + k]! + 3),
    );
    sum +=
      a![0]! * (b![1]! * c![2]! - b![2]! * c![1]!) +
      a![1]! * (b![2]! * c![0]! - b![0]! * c![2]!) +
      a![2]! * (b![0]! * c![1]! - b![1]! * c![0]!);
  }
  return sum / 6;
}

/** The part of a closed mesh under a level plane, by cutting every triangle and closing the cut with a fan. */
function clippedVolume({ positions, triangles }: IndexedMesh, h: number): number {
  const corner = (index: number): [number, number, number] => [
    positions[3 * index]!,
    positions[3 * index + 1]!,
    positions[3 * index + 2]! - h,
  ];
  // With the origin in the plane the lid adds nothing: every tetrahedron to it is flat.
  let sum = 0;
  for (let at = 0; at < triangles.length; at += 3) {
    const face = [0, 1, 2].map((k) => corner(triangles[at + k]!));
    const kept: [number, number, number][] = [];
    face.forEach((from, k) => {
      const to = face[(k + 1) % 3]!;
      if (from[2] <= 0) kept.push(from);
      if (from[2] < 0 !== to[2] < 0 && from[2] !== 0 && to[2] !== 0) {
        const t = from[2] / (from[2] - to[2]);
        kept.push([from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1]), 0]);
      }
    });
    for (let k = 1; k + 1 < kept.length; k += 1) {
      const [a, b, c] = [kept[0]!, kept[k]!, kept[k + 1]!];
      sum +=
        a[0] * (b[1] * c[2] - b[2] * c[1]) +
        a[1] * (b[2] * c[0] - b[0] * c[2]) +
        a[2] * (b[0] * c[1] - b[1] * c[0]);
    }
  }
  return sum / 6;
}

const ball = icosphere(40, 5);

test('a ball of 5 subdivisions: its own polyhedral volume, and V(h) as a plane clips it, to 1e-9', () => {
  const exact = tetrahedra(ball);
  const found = measured(ball);
  const solid = solidOfSnapshot(found);
  expect(found.holes).toBe(0);
  expect(found.bodies).toBe(1);
  expect(Math.abs((solid.volumeMl * 1000) / exact - 1)).toBeLessThan(1e-9);
  const standing = stood(ball, asInFile, 1);
  const heights = evenHeights(0, found.heightsMm.at(-1)!, 97);
  const { curve } = curveAt(standing, heights);
  heights.forEach((h, index) => {
    const clipped = clippedVolume(standing, h);
    expect(Math.abs(curve.volumes[index]! - clipped)).toBeLessThan(1e-9 * exact);
    // Between its knots the kept curve is a cubic through both ends: right to 1e-7 of the whole.
    expect(Math.abs(solid.volumeBelowMl(h) * 1000 - clipped)).toBeLessThan(1e-7 * exact);
  });
});

test('V(h) is exact at the heights that were asked for, such as layer borders', () => {
  const solid = solidOfSnapshot(measured(ball, asInFile, [13.37, 51.2]));
  const standing = stood(ball, asInFile, 1);
  for (const h of [13.37, 51.2]) {
    const clipped = clippedVolume(standing, h);
    expect(Math.abs((solid.volumeBelowMl(h) * 1000) / clipped - 1)).toBeLessThan(1e-9);
  }
});

test('a mesh of few corners has an exact curve everywhere, jumps of its area included', () => {
  // A step: a 40 mm cube with a 20 mm one on top, joined into one body by standing on it.
  const steps = joined([cube(40), cube(20, [10, 10, 40])]);
  const solid = solidOfSnapshot(measured(steps));
  expect(solid.volumeBelowMl(40)).toBeCloseTo(64, 12);
  expect(solid.volumeBelowMl(50)).toBeCloseTo(68, 12);
  expect(solid.volumeMl).toBeCloseTo(72, 12);
  expect(solid.areaAtMm2(40)).toBeCloseTo(1600, 9);
  expect(solid.areaAtMm2(40.001)).toBeCloseTo(400, 6);
});

test('surface, size, thickest run', () => {
  const found = measured(cube(30, [100, -50, 7]));
  expect(found.surfaceMm2).toBeCloseTo(5400, 9);
  expect(found.sizeMm).toEqual([30, 30, 30]);
  expect(found.thickestMm).toBeCloseTo(30, 9);
  const apart = joined([cube(10), cube(25, [0, 0, 60])]);
  expect(measured(apart)).toMatchObject({ bodies: 2, bodiesOverlap: false });
  expect(measured(apart).thickestMm).toBeCloseTo(25, 9);
  expect(measured(ball).thickestMm).toBeGreaterThan(79.7);
  expect(measured(ball).thickestMm).toBeLessThanOrEqual(80);
});

test('an inside-out mesh is turned and says so; overlapping bodies say so', () => {
  expect(measured(insideOut(cube(30)))).toMatchObject({ insideOut: true, holes: 0 });
  expect(volume(insideOut(cube(30)))).toBeCloseTo(27_000, 6);
  expect(measured(joined([cube(30), cube(30, [10, 10, 10])])).bodiesOverlap).toBe(true);
});

test('a hollow inside is taken off', () => {
  const hollow = joined([cube(30), insideOut(cube(10, [10, 10, 10]))]);
  expect(volume(hollow)).toBeCloseTo(26_000, 6);
  expect(measured(hollow).thickestMm).toBeCloseTo(30, 9);
});

test('holes are closed flat, counted, and leave a doubt', () => {
  const { positions, triangles } = cube(30);
  const open = { positions, triangles: triangles.slice(6) };
  const found = measured(open);
  expect(found.holes).toBe(1);
  expect(volume(open)).toBeCloseTo(27_000, 6);
  // ⅔ r A over a hole of 900 mm².
  expect(found.holesPlusMinusMl).toBeCloseTo(((2 / 3) * Math.sqrt(900 / Math.PI) * 900) / 1000, 9);
});

test('faces that point opposite ways are refused', () => {
  const { positions, triangles } = cube(30);
  const turned = triangles.slice();
  [turned[1], turned[2]] = [triangles[2]!, triangles[1]!];
  expect(() => checkMesh({ positions, triangles: turned })).toThrow(
    expect.objectContaining({ code: 'mesh-faces-turned' }),
  );
});

test('a flat sheet encloses nothing', () => {
  const positions = Float64Array.from([0, 0, 0, 10, 0, 0, 0, 10, 0]);
  const sheet = { positions, triangles: Uint32Array.from([0, 1, 2, 0, 2, 1]) };
  expect(() => measured(sheet)).toThrow(expect.objectContaining({ code: 'mesh-flat' }));
});

test('volume stays the same however it stands', () => {
  const body = joined([cube(40), cube(20, [10, 10, 40])]);
  for (const up of upSides) {
    const solid = solidOfSnapshot(measured(body, { up, turnDeg: [0, 0, 0] }));
    expect(solid.volumeMl).toBeCloseTo(72, 9);
    expect(solid.depthMm).toBe(up.endsWith('z') ? 60 : 40);
  }
  fc.assert(
    fc.property(
      fc.tuple(
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.integer({ min: -180, max: 180 }),
        fc.integer({ min: -180, max: 180 }),
      ),
      (turnDeg) => {
        const solid = solidOfSnapshot(measured(body, { up: '+z', turnDeg }));
        expect(Math.abs(solid.volumeMl / 72 - 1)).toBeLessThan(1e-9);
        expect(solid.volumeBelowMl(solid.depthMm!)).toBe(solid.volumeMl);
        let below = 0;
        for (let step = 1; step <= 40; step += 1) {
          const ml = solid.volumeBelowMl((solid.depthMm! * step) / 40);
          expect(ml).toBeGreaterThanOrEqual(below - 1e-9);
          below = ml;
        }
      },
    ),
    { numRuns: runs(20, 400) },
  );
});

test('a preview is small and keeps the size', () => {
  const preview = meshPreview(ball);
  expect(preview.triangles.length).toBeLessThanOrEqual(3600);
  expect(preview.triangles.length).toBeGreaterThan(900);
  expect(Math.max(...preview.corners)).toBeGreaterThan(950);
  expect(meshPreview(cube(3)).triangles).toHaveLength(36);
});

const reading = { tapeStepMm: 1, scaleStepG: 1, mixedDensityGPerMl: 1 };
const master = (box: MeshPart['box']): MeshPart => ({
  shape: 'mesh',
  as: 'master',
  unit: 'mm',
  count: 1,
  measured: measured(cube(30)),
  box,
});

test('silicone around a master is the box less the master, at every height', () => {
  const { solid, warnings } = measureMeshPart(
    master({ length: '60 mm', width: '55 mm', height: '45 mm' }),
    reading,
  );
  expect(solid.volumeMl).toBeCloseTo((60 * 55 * 45 - 27_000) / 1000, 9);
  expect(solid.volumeBelowMl(30)).toBeCloseTo((60 * 55 * 30 - 27_000) / 1000, 9);
  expect(warnings).toEqual([]);
});

test.each([[{ length: '60 mm', width: '40 mm', height: '45 mm' }, 'thin-mould-wall']] as const)(
  'a wall that tears is told',
  (box, code) => {
    expect(measureMeshPart(master(box), reading).warnings.map((each) => each.code)).toEqual([code]);
  },
);

test('a master that does not fit its box, or has none, is refused', () => {
  expect(() =>
    measureMeshPart(master({ length: '60 mm', width: '55 mm', height: '29 mm' }), reading),
  ).toThrow(expect.objectContaining({ code: 'master-outside-box', field: 'box.height' }));
  expect(() => measureMeshPart(master(undefined), reading)).toThrow(
    expect.objectContaining({ code: 'missing', field: 'box' }),
  );
});
