import { boundsOf, extentOf } from './boundsOf';
import { object, type InferType } from 'yup';
import { numbersSchema } from '../../schema/numbersSchema';
import type { IndexedMesh } from './indexedMesh';

/** A mesh reduced for a small picture: what is kept when the file itself is not. */
export const meshPreviewSchema = object({
  /** x, y, z of each corner, in thousandths of the body's greatest extent, whole numbers. */
  corners: numbersSchema({ perItem: 3, least: 1, most: 5000 }),
  /** Three corners of each triangle. */
  triangles: numbersSchema({ perItem: 3, least: 1, most: 5000 }),
}).noUnknown();

export type MeshPreview = InferType<typeof meshPreviewSchema>;

/** More than this many triangles a phone does not draw and turn smoothly as vector shapes. */
const mostTriangles = 1200;
const grids = [40, 32, 26, 21, 17, 14, 11, 9, 7, 5];

function clustered({ positions, triangles }: IndexedMesh, cells: number): MeshPreview {
  const bounds = boundsOf(positions);
  const extent = Math.max(...extentOf(bounds)) || 1;
  const indexOfCell = new Map<number, number>();
  const sums: number[] = [];
  const counts: number[] = [];
  const clusterOf = new Uint32Array(positions.length / 3);
  for (let corner = 0; corner < clusterOf.length; corner += 1) {
    let cell = 0;
    for (let axis = 0; axis < 3; axis += 1) {
      const share = (positions[3 * corner + axis]! - bounds.min[axis]!) / extent;
      cell = cell * (cells + 1) + Math.round(share * cells);
    }
    let index = indexOfCell.get(cell);
    if (index === undefined) {
      index = counts.length;
      indexOfCell.set(cell, index);
      counts.push(0);
      sums.push(0, 0, 0);
    }
    clusterOf[corner] = index;
    counts[index]! += 1;
    for (let axis = 0; axis < 3; axis += 1) {
      sums[3 * index + axis]! += (positions[3 * corner + axis]! - bounds.min[axis]!) / extent;
    }
  }
  const seen = new Set<string>();
  const kept: number[] = [];
  for (let at = 0; at < triangles.length; at += 3) {
    const a = clusterOf[triangles[at]!]!;
    const b = clusterOf[triangles[at + 1]!]!;
    const c = clusterOf[triangles[at + 2]!]!;
    if (a === b || b === c || c === a) continue;
    // The same triangle may come from several that fell together; begun at its lowest corner it is one text.
    const [p, q, r] = a < b && a < c ? [a, b, c] : b < c ? [b, c, a] : [c, a, b];
    const key = `${p},${q},${r}`;
    if (seen.has(key)) continue;
    seen.add(key);
    kept.push(p, q, r);
  }
  return {
    corners: sums.map((sum, at) => Math.round((1000 * sum) / counts[Math.floor(at / 3)]!)),
    triangles: kept,
  };
}

/** The mesh itself where it is small, else its corners drawn together on a grid until few triangles are left. */
export function meshPreview(mesh: IndexedMesh): MeshPreview {
  const fine = mesh.triangles.length <= 3 * mostTriangles ? [1000, ...grids] : grids;
  let preview: MeshPreview = { corners: [], triangles: [] };
  for (const cells of fine) {
    preview = clustered(mesh, cells);
    if (preview.triangles.length <= 3 * mostTriangles) break;
  }
  return preview;
}
