import { roundUpWhole } from '../../quantity/round';
import type { WidthAtHeight } from '../form/solid';
import type { IndexedMesh } from './indexedMesh';
import { evenHeights } from './meshCurve';

const levels = 48;

/**
 * The outline that the Section draws: how far the body reaches across, seen from the front, at each of a few
 * heights. A body is drawn about its middle, so only the width is kept.
 * @param mesh standing on its floor, mm
 */
export function silhouette({ positions, triangles }: IndexedMesh): readonly WidthAtHeight[] {
  let greatest = 0;
  for (let at = 2; at < positions.length; at += 3) greatest = Math.max(greatest, positions[at]!);
  const heights = evenHeights(0, greatest, levels);
  const left = new Float64Array(levels + 1).fill(Infinity);
  const right = new Float64Array(levels + 1).fill(-Infinity);
  const reach = (level: number, x: number): void => {
    if (x < left[level]!) left[level] = x;
    if (x > right[level]!) right[level] = x;
  };
  for (let at = 0; at < triangles.length; at += 1) {
    const from = 3 * triangles[at]!;
    const to = 3 * triangles[at % 3 === 2 ? at - 2 : at + 1]!;
    const z0 = positions[from + 2]!;
    const z1 = positions[to + 2]!;
    const x0 = positions[from]!;
    const x1 = positions[to]!;
    const low = Math.min(z0, z1);
    const high = Math.max(z0, z1);
    const firstLevel = Math.max(0, roundUpWhole((low / greatest) * levels));
    for (let level = firstLevel; level <= levels && heights[level]! <= high; level += 1) {
      if (heights[level]! < low) continue;
      if (z0 === z1) {
        reach(level, x0);
        reach(level, x1);
      } else reach(level, x0 + ((x1 - x0) * (heights[level]! - z0)) / (z1 - z0));
    }
  }
  return Array.from(heights, (heightMm, level) => ({
    heightMm,
    widthMm: Math.max(0, right[level]! - left[level]!),
  }));
}
