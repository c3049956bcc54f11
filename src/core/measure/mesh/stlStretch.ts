import { evenHeights } from './meshCurve';
import type { Bounds } from './boundsOf';
import { MeshSums, type MeshCurve, type MeshSumsParts } from './meshSums';
import { stlCorners, stlHeights } from './stl';

const soupTriangles = 4096;

/** One stretch of a binary STL, summed up by itself: several workers take a stretch each. */
export interface StlStretch {
  /** Least and greatest z in it, file units. */
  readonly heights: () => readonly [number, number];
  /** Its sums at these heights, which reach over the whole file. */
  readonly sums: (heights: Float64Array) => MeshSumsParts;
}

/**
 * @param bytes whole triangles of 50 bytes
 * @param triangles how many they are
 */
export function stlStretch(bytes: DataView, triangles: number): StlStretch {
  return {
    heights: () => stlHeights(bytes, triangles),
    sums: (heights) => {
      const sums = new MeshSums(heights);
      const soup = new Float64Array(9 * soupTriangles);
      for (let first = 0; first < triangles; first += soupTriangles) {
        const here = Math.min(soupTriangles, triangles - first);
        stlCorners(bytes, first, here, soup);
        sums.add(soup, here);
      }
      return sums.parts();
    },
  };
}

/** What the stretches come to together, in file units. */
export interface StlFigures {
  /** Signed: below 0 where the mesh is inside out. */
  readonly volume: number;
  readonly surface: number;
  readonly bounds: Bounds;
  readonly curve: MeshCurve;
}

/** Even heights over all stretches, the lowest and the highest corner among them. */
export function heightsOver(
  ends: readonly (readonly [number, number])[],
  count: number,
): Float64Array {
  const least = Math.min(...ends.map(([low]) => low));
  const greatest = Math.max(...ends.map(([, high]) => high));
  return evenHeights(least, greatest, count - 1);
}

/**
 * Adds the sums of all stretches up.
 * @param heights those that the sums were taken at
 * @throws InputError `mesh-not-finite`, `mesh-empty`
 */
export function figuresOf(heights: Float64Array, parts: readonly MeshSumsParts[]): StlFigures {
  const all = new MeshSums(heights);
  for (const each of parts) all.merge(each);
  const curve = all.curve();
  return {
    volume: curve.volumes.at(-1) ?? 0,
    surface: all.surface,
    bounds: all.bounds(),
    curve,
  };
}

/**
 * The volume that figures come to, ml, whichever way the mesh faces.
 * @param mmPerUnit mm per unit of the file
 */
export function volumeMlOf({ volume }: StlFigures, mmPerUnit: number): number {
  return (Math.abs(volume) * mmPerUnit ** 3) / 1000;
}
