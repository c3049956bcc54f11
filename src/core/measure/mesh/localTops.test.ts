import * as fc from 'fast-check';
import { cube, icosphere } from '../testShapes/meshes';
import type { IndexedMesh } from './indexedMesh';
import { localTops } from './localTops';
import { runs } from '../../../testing/campaign';

/** A sheet of squares over [0, n]², its corners at given heights, closed by a floor at 0: a block with hills. */
function hills(n: number, heightAt: (x: number, y: number) => number): IndexedMesh {
  const corner = (x: number, y: number): number => x * (n + 1) + y;
  const count = (n + 1) ** 2;
  const positions = new Float64Array(6 * count);
  for (let x = 0; x <= n; x += 1) {
    for (let y = 0; y <= n; y += 1) {
      positions.set([x, y, heightAt(x, y)], 3 * corner(x, y));
      positions.set([x, y, 0], 3 * (count + corner(x, y)));
    }
  }
  const triangles: number[] = [];
  for (let x = 0; x < n; x += 1) {
    for (let y = 0; y < n; y += 1) {
      const [a, b, c, d] = [corner(x, y), corner(x + 1, y), corner(x + 1, y + 1), corner(x, y + 1)];
      triangles.push(a, b, c, a, c, d);
      triangles.push(count + a, count + c, count + b, count + a, count + d, count + c);
    }
  }
  const rim = [
    ...Array.from({ length: n }, (_, at) => [corner(at, 0), corner(at + 1, 0)]),
    ...Array.from({ length: n }, (_, at) => [corner(n, at), corner(n, at + 1)]),
    ...Array.from({ length: n }, (_, at) => [corner(n - at, n), corner(n - at - 1, n)]),
    ...Array.from({ length: n }, (_, at) => [corner(0, n - at), corner(0, n - at - 1)]),
  ];
  for (const [from = 0, to = 0] of rim) {
    triangles.push(count + from, count + to, to, count + from, to, from);
  }
  return { positions, triangles: Uint32Array.from(triangles) };
}

/** A pyramid of a slope about a place, never under `foot`. */
const peak = (x0: number, y0: number, top: number) => (x: number, y: number) =>
  top - Math.max(Math.abs(x - x0), Math.abs(y - y0));

test('a cube has one top, its whole upper face; a ball has one, and nothing stays in either', () => {
  expect(localTops(cube(30), 1)).toEqual([
    expect.objectContaining({ x: 15, y: 15, z: 30, ofPiece: true, risesMm: undefined }),
  ]);
  expect(localTops(cube(30), -1)).toHaveLength(1);
  expect(localTops(icosphere(20, 3), 1)).toHaveLength(1);
});

test('of two hills the lower one keeps what is over the pass between them', () => {
  // Two square pyramids, 20 and 16 high, that meet where both have fallen to 13: at a distance of 7 and 3.
  const mesh = hills(20, (x, y) => Math.max(8, peak(5, 10, 20)(x, y), peak(15, 10, 16)(x, y)));
  const [highest, lower, ...none] = localTops(mesh, 1);
  expect(none).toEqual([]);
  expect(highest).toMatchObject({ x: 5, y: 10, z: 20, risesMm: undefined });
  expect(lower).toMatchObject({ x: 15, y: 10, z: 16, ofPiece: true });
  expect(lower!.risesMm).toBeCloseTo(3, 9);
  // A square pyramid 3 high over a square of 6 is 36 mm³; six of its cells are cut across the ridge, and lose a sixth each.
  expect(lower!.holdsMl).toBeCloseTo(35 / 1000, 9);
});

test('a dent that looks down is a roof for what is poured round, not an end of the piece', () => {
  // The same hills as the underside of a plate that hangs over them: its lower face looks down.
  const ground = hills(20, (x, y) => Math.max(8, peak(5, 10, 20)(x, y), peak(15, 10, 16)(x, y)));
  const turned = {
    positions: ground.positions,
    triangles: Uint32Array.from(
      Array.from({ length: ground.triangles.length / 3 }, (_, at) => [
        ground.triangles[3 * at]!,
        ground.triangles[3 * at + 2]!,
        ground.triangles[3 * at + 1]!,
      ]).flat(),
    ),
  };
  expect(localTops(turned, 1)).toEqual([expect.objectContaining({ ofPiece: false, x: 15 })]);
});

test('roughness is none: hills of less than a third of a millimetre are left out', () => {
  const rough = hills(12, (x, y) => 10 + ((x * 7 + y * 3) % 4) * 0.05);
  expect(localTops(rough, 1)).toHaveLength(1);
});

test('every end that is told is higher than all round it, and air over the pass is never more than the piece', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 49, maxLength: 49 }),
      (heights) => {
        const mesh = hills(6, (x, y) => heights[x * 7 + y]!);
        const tops = localTops(mesh, 1);
        const at = (x: number, y: number): number => heights[x * 7 + y] ?? -1;
        for (const { x, y, z, risesMm = 0 } of tops.filter((top) => Number.isInteger(top.x))) {
          if (!Number.isInteger(y)) continue;
          // A level top is told at its middle, which may be beside a corner.
          if (at(x, y) !== z) continue;
          for (const [dx, dy] of [
            [1, 0],
            [-1, 0],
            [0, 1],
            [0, -1],
          ] as const) {
            const inside = x + dx >= 0 && x + dx <= 6 && y + dy >= 0 && y + dy <= 6;
            if (inside) expect(at(x + dx, y + dy)).toBeLessThanOrEqual(z);
          }
          expect(risesMm).toBeGreaterThanOrEqual(0);
        }
        expect(tops.filter(({ risesMm }) => risesMm === undefined)).toHaveLength(1);
        expect(Math.max(...tops.map(({ z }) => z))).toBe(Math.max(...heights));
      },
    ),
    { numRuns: runs(30, 600) },
  );
});
