import { boundsOf } from './boundsOf';
import type { IndexedMesh } from './indexedMesh';

/** Columns along the longer side of the plan. */
const columnsAcross = 128;

/** Crossings that are looked at, at the most: bodies that lie in each other by the thousand would fill the memory. */
const mostCrossings = 2_000_000;
const fewestColumns = 8;

/** @param layers how often the triangles cover the square around the plan, one over the other */
const columnsFor = (layers: number): number =>
  Math.max(fewestColumns, Math.min(columnsAcross, Math.floor(Math.sqrt(mostCrossings / layers))));

/** Areas of all triangles as seen from above, added up. */
function planArea(positions: Float64Array, triangles: Uint32Array): number {
  let double = 0;
  for (let at = 0; at < triangles.length; at += 3) {
    const a = 3 * triangles[at]!;
    const b = 3 * triangles[at + 1]!;
    const c = 3 * triangles[at + 2]!;
    double += Math.abs(
      (positions[b]! - positions[a]!) * (positions[c + 1]! - positions[a + 1]!) -
        (positions[c]! - positions[a]!) * (positions[b + 1]! - positions[a + 1]!),
    );
  }
  return double / 2;
}

/** A column is never set through a corner of the grid: that keeps it off the edges of modelled faces. */
const offGrid = 0.5 + 0.0137;

interface Crossing {
  readonly height: number;
  /** +1 where the column enters the body, −1 where it leaves. */
  readonly way: 1 | -1;
}

/** The longest stretch inside the body along one column. */
function longestRun(crossings: Crossing[]): number {
  crossings.sort((a, b) => a.height - b.height);
  let inside = 0;
  let entered = 0;
  let longest = 0;
  for (const { height, way } of crossings) {
    if (inside === 0 && way > 0) entered = height;
    inside += way;
    if (inside === 0 && way < 0) longest = Math.max(longest, height - entered);
  }
  return longest;
}

/**
 * The thickest section along the pour axis: the longest upright run of material, mm.
 * Found along columns on an even grid over the plan, so it may be short by what lies between two of them.
 * @param mesh closed, standing on its floor, mm
 */
export function thickestRunMm({ positions, triangles }: IndexedMesh): number {
  const {
    min: [minX, minY],
    max: [maxX, maxY],
  } = boundsOf(positions);
  const longerMm = Math.max(maxX - minX, maxY - minY);
  const step = longerMm / columnsFor(planArea(positions, triangles) / longerMm ** 2);
  if (!(step > 0)) return 0;
  const across = Math.max(1, Math.ceil((maxX - minX) / step));
  const along = Math.max(1, Math.ceil((maxY - minY) / step));
  const columns: Crossing[][] = Array.from({ length: across * along }, () => []);
  /** Rounding must not lose a column that is just inside; whether it is, is asked of each. */
  const hair = step * 1e-6;
  const cellsFrom = (low: number, origin: number): number =>
    Math.max(0, Math.ceil((low - origin) / step - offGrid));
  const cellsTo = (high: number, origin: number, count: number): number =>
    Math.min(count - 1, Math.floor((high - origin) / step - offGrid));

  for (let at = 0; at < triangles.length; at += 3) {
    const a = 3 * triangles[at]!;
    const b = 3 * triangles[at + 1]!;
    const c = 3 * triangles[at + 2]!;
    const ax = positions[a]!;
    const ay = positions[a + 1]!;
    const ux = positions[b]! - ax;
    const uy = positions[b + 1]! - ay;
    const vx = positions[c]! - ax;
    const vy = positions[c + 1]! - ay;
    const double = ux * vy - uy * vx;
    if (double === 0) continue;
    const lowX = ax + Math.min(0, ux, vx);
    const highX = ax + Math.max(0, ux, vx);
    const lowY = ay + Math.min(0, uy, vy);
    const highY = ay + Math.max(0, uy, vy);
    const lastRow = cellsTo(highY, minY, along);
    for (let row = cellsFrom(lowY, minY); row <= lastRow; row += 1) {
      const py = minY + (row + offGrid) * step - ay;
      // What of the row is in the triangle: each side leaves a half of the line. A slanted sliver has few columns in a row.
      let fromX = lowX - ax;
      let toX = highX - ax;
      const sideX = [-py * vx, ux * py, double + py * vx - ux * py];
      const perX = [vy, -uy, uy - vy];
      for (let side = 0; side < 3; side += 1) {
        const rises = perX[side]! / double;
        const crosses = -sideX[side]! / perX[side]!;
        if (rises > 0) fromX = Math.max(fromX, crosses);
        else if (rises < 0) toX = Math.min(toX, crosses);
      }
      const last = cellsTo(toX + ax + hair, minX, across);
      for (let column = cellsFrom(fromX + ax - hair, minX); column <= last; column += 1) {
        const px = minX + (column + offGrid) * step - ax;
        const s = (px * vy - py * vx) / double;
        const t = (ux * py - uy * px) / double;
        if (s < 0 || t < 0 || s + t > 1) continue;
        const z0 = positions[a + 2]!;
        const height = z0 + s * (positions[b + 2]! - z0) + t * (positions[c + 2]! - z0);
        columns[row * across + column]!.push({ height, way: double < 0 ? 1 : -1 });
      }
    }
  }
  return columns.reduce((longest, crossings) => Math.max(longest, longestRun(crossings)), 0);
}
