import * as fc from 'fast-check';
import { cube, icosphere } from '../testShapes/meshes';
import { hullFromAbove, leaningSteps, meshStanding } from './meshStanding';
import { measureMesh, checkMesh } from './measureMesh';
import { asInFile, stood } from './orientation';

/** Twice the area that a corner sees of an edge: under 0 it lies outside of a hull that runs anticlockwise. */
const side = (hull: readonly number[], at: number, x: number, y: number): number => {
  const next = (at + 3) % hull.length;
  const [fromX, fromY] = [hull[at]!, hull[at + 1]!];
  const [toX, toY] = [hull[next]!, hull[next + 1]!];
  return (toX - fromX) * (y - fromY) - (toY - fromY) * (x - fromX);
};

/** Which way a hull runs round. */
const turns = (hull: readonly number[]): number => {
  let area = 0;
  for (let at = 0; at < hull.length; at += 3) {
    const next = (at + 3) % hull.length;
    area += hull[at]! * hull[next + 1]! - hull[next]! * hull[at + 1]!;
  }
  return Math.sign(area);
};

test('no corner of a mesh lies out of its outline from above, and each of that outline is one of its corners', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(...[0, 1, 2].map(() => fc.integer({ min: -500, max: 500 }))), {
        minLength: 4,
        maxLength: 60,
      }),
      (points) => {
        const positions = Float64Array.from(points.flat().map((each) => each / 10));
        const hull = hullFromAbove({ positions, triangles: new Uint32Array() });
        if (hull.length === 0) return;
        const way = turns(hull);
        const corners = new Set(points.map(([x, y]) => `${x! / 10}/${y! / 10}`));
        for (let at = 0; at < hull.length; at += 3) {
          expect(corners).toContain(`${hull[at]}/${hull[at + 1]}`);
          for (const [x, y] of points) {
            expect(way * side(hull, at, x! / 10, y! / 10)).toBeGreaterThanOrEqual(-1e-6);
          }
        }
      },
    ),
  );
});

test('an outline with very many corners is drawn a hair wider, never narrower', () => {
  const ball = icosphere(50, 6);
  const hull = hullFromAbove(ball);
  expect(hull.length / 3).toBeLessThanOrEqual(256);
  const way = turns(hull);
  let [furthest, leastSeen] = [0, Infinity];
  // Compared by hand: an expectation for each corner and side takes a quarter of a minute.
  for (let at = 0; at < hull.length; at += 3) {
    furthest = Math.max(furthest, Math.hypot(hull[at]!, hull[at + 1]!));
    for (let corner = 0; corner < ball.positions.length; corner += 300) {
      const seen = way * side(hull, at, ball.positions[corner]!, ball.positions[corner + 1]!);
      leastSeen = Math.min(leastSeen, seen);
    }
  }
  expect(furthest).toBeLessThan(50.05);
  expect(leastSeen).toBeGreaterThan(-0.01);
});

test('of a ball half looks up and half looks down, and all of that is its surface but for what stands upright', () => {
  const ball = stood(icosphere(20, 5), asInFile, 1);
  const { looksUpMm2, looksDownMm2 } = meshStanding(ball, 40);
  const sum = (areas: readonly number[]): number => areas.reduce((all, area) => all + area, 0);
  expect(looksUpMm2).toHaveLength(leaningSteps);
  // A zone within 1° of upright is 2πr · 2r · sin 1°.
  const half = 2 * Math.PI * 400 * (1 - Math.sin(Math.PI / 180));
  expect(sum(looksUpMm2) / half).toBeCloseTo(1, 2);
  expect(sum(looksDownMm2) / half).toBeCloseTo(1, 2);
  // Below its middle nothing looks up.
  expect(sum(looksUpMm2.slice(0, leaningSteps / 2 - 1))).toBeLessThan(1);
});

test('of a cube only its faces lean, and its tops are those faces', () => {
  const { looksUpMm2, looksDownMm2, tops, bottoms, hullMm } = meshStanding(cube(30), 30);
  expect(looksDownMm2[0]).toBe(900);
  expect(looksUpMm2.at(-1)).toBe(900);
  expect(looksUpMm2.slice(0, -1).every((area) => area === 0)).toBe(true);
  expect([tops.length, bottoms.length, hullMm.length]).toEqual([1, 1, 12]);
});

test('what is kept of a mesh has it, in its unit and as it stands', () => {
  const inches = measureMesh(checkMesh(cube(2)), 25.4, { up: '+x', turnDeg: [0, 0, 0] });
  const across = inches.standing!.hullMm.filter((_, at) => at % 3 === 0);
  expect(Math.max(...across) - Math.min(...across)).toBeCloseTo(50.8, 3);
});
