import * as fc from 'fast-check';
import { hullOf } from '../measure/flat/hull';
import { inTube, leastRectangle, leastTubeMm, standingIn } from './boxOptions';
import { rectangle, type Footprint, type HullCorner } from './footprint';
import { runs } from '../../testing/campaign';

const outline = (...points: readonly (readonly [number, number])[]): Footprint => ({
  kind: 'outline',
  corners: hullOf(points.map(([x, y]): HullCorner => [x, y, undefined])),
});

const exact = (mm: number): number => mm;

/** How far points reach along a direction. */
function reach(points: readonly (readonly [number, number])[], angle: number): number {
  const along = points.map(([x, y]) => x * Math.cos(angle) + y * Math.sin(angle));
  return Math.max(...along) - Math.min(...along);
}

const point = fc.tuple(fc.integer({ min: -60, max: 60 }), fc.integer({ min: -60, max: 60 }));
const points = fc
  .array(point, { minLength: 3, maxLength: 14 })
  .filter((all) => hullOf(all).length > 2);

test('the rectangle of least area is no larger than any other way of turning the piece', () => {
  fc.assert(
    fc.property(
      points,
      fc.integer({ min: 10, max: 25 }),
      fc.integer({ min: 1, max: 4 }),
      (all, wall, pieces) => {
        const best = leastRectangle('boards', outline(...all), pieces, wall, exact);
        for (let step = 0; step < 360; step += 1) {
          const angle = (step * Math.PI) / 360;
          const [length, width] = [reach(all, angle), reach(all, angle + Math.PI / 2)];
          for (let columns = 1; columns <= pieces; columns += 1) {
            const rows = Math.ceil(pieces / columns);
            const area =
              (columns * length + (columns + 1) * wall) * (rows * width + (rows + 1) * wall);
            expect(best.areaMm2).toBeLessThanOrEqual(area + 1e-6);
          }
        }
      },
    ),
    { numRuns: runs(15, 300) },
  );
});

test('the wall is kept everywhere: in the rectangle, in the grid, in the tube', () => {
  fc.assert(
    fc.property(points, fc.integer({ min: 10, max: 25 }), (all, wall) => {
      const piece = outline(...all);
      const boards = leastRectangle('boards', piece, 1, wall);
      expect(boards.thinnestMm).toBeGreaterThanOrEqual(wall - 1e-9);
      // Turned as it is told, it spans no more than the box less its walls.
      const turn = (-boards.turnDeg * Math.PI) / 180;
      expect(reach(all, turn)).toBeLessThanOrEqual(boards.lengthMm - 2 * wall + 1e-6);
      expect(reach(all, turn + Math.PI / 2)).toBeLessThanOrEqual(boards.widthMm - 2 * wall + 1e-6);
      const bricks = leastRectangle('bricks', piece, 1, wall, (mm) => Math.ceil(mm / 8) * 8);
      expect(bricks.lengthMm % 8).toBe(0);
      expect(bricks.thinnestMm).toBeGreaterThanOrEqual(wall - 1e-9);
      const least = leastTubeMm(piece, wall);
      const tube = inTube(piece, least);
      expect(tube.thinnestMm).toBeCloseTo(wall, 9);
    }),
    { numRuns: runs(15, 300) },
  );
});

test('the smallest circle is the smallest: no corner lies out of it, and two or three lie on it', () => {
  fc.assert(
    fc.property(points, (all) => {
      const radius = leastTubeMm(outline(...all), 0) / 2;
      // Half the greatest distance between two is the least that it can be, and that over √3 · 2 the most (Jung).
      const far = Math.max(
        ...all.flatMap(([x, y]) => all.map(([toX, toY]) => Math.hypot(x - toX, y - toY))),
      );
      expect(radius).toBeGreaterThanOrEqual(far / 2 - 1e-9);
      expect(radius).toBeLessThanOrEqual(far / Math.sqrt(3) + 1e-9);
    }),
  );
});

test('a round piece stands in a tube, a square one in boards', () => {
  const ball: Footprint = { kind: 'round', diameterMm: 50 };
  expect(leastTubeMm(ball, 12)).toBe(74);
  expect(inTube(ball, 75).areaMm2).toBeCloseTo((Math.PI * 75 ** 2) / 4, 9);
  expect(leastRectangle('boards', ball, 1, 12)).toMatchObject({ lengthMm: 74, widthMm: 74 });
  // 40 × 40 and 12 round it: 64 square are 4096, and a tube of 80.6 is 5098.
  expect(leastRectangle('boards', rectangle(40, 40), 1, 12).areaMm2).toBe(4096);
  expect(leastTubeMm(rectangle(40, 40), 12)).toBeCloseTo(40 * Math.SQRT2 + 24, 9);
});

test('several pieces stand in the grid that takes the least', () => {
  const four = leastRectangle('boards', rectangle(30, 20), 4, 10);
  expect([four.columns, four.rows]).toEqual([2, 2]);
  expect(four.areaMm2).toBe((2 * 30 + 30) * (2 * 20 + 30));
});

test('in a box that is there a piece is turned to where its thinnest wall is thickest', () => {
  const tilted = outline([0, 0], [40, 40], [30, 50], [-10, 10]);
  // Turned by 45° it is 56.6 × 14.1; as it lies it is 50 × 50 and would not go in.
  const found = standingIn(tilted, 1, 80, 40);
  expect(found.thinnestMm).toBeCloseTo(
    Math.min((80 - 40 * Math.SQRT2) / 2, (40 - 10 * Math.SQRT2) / 2),
    6,
  );
});
