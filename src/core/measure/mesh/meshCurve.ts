import { roundingShare } from '../../quantity/tolerance';
import { InputError } from '../../problem';
import type { Slab } from '../form/slab';
import { rising } from '../form/slabs';
import type { IndexedMesh } from './indexedMesh';
import type { Bounds } from './boundsOf';
import { MeshSums, type MeshCurve } from './meshSums';

/** Up to this many different corner heights, every one of them is a knot and V(h) is exact in between too. */
const mostExactKnots = 512;
/** Beyond that, this many even steps… */
const evenSteps = 256;
/** …and the heights of the largest level faces, where the area jumps. */
const mostLevelFaces = 64;

const chunk = 2048;

/** Hands the triangles of an indexed mesh on as soups of nine coordinates each. */
export function eachSoup(
  { positions, triangles }: IndexedMesh,
  take: (soup: Float64Array, triangles: number) => void,
): void {
  const soup = new Float64Array(9 * chunk);
  const count = triangles.length / 3;
  for (let first = 0; first < count; first += chunk) {
    const here = Math.min(chunk, count - first);
    for (let corner = 0; corner < 3 * here; corner += 1) {
      const from = 3 * triangles[3 * first + corner]!;
      soup[3 * corner] = positions[from]!;
      soup[3 * corner + 1] = positions[from + 1]!;
      soup[3 * corner + 2] = positions[from + 2]!;
    }
    take(soup, here);
  }
}

/** Heights of the largest level faces. */
function levelFaceHeights({ positions, triangles }: IndexedMesh): readonly number[] {
  const areaAt = new Map<number, number>();
  for (let at = 0; at < triangles.length; at += 3) {
    const a = 3 * triangles[at]!;
    const b = 3 * triangles[at + 1]!;
    const c = 3 * triangles[at + 2]!;
    const height = positions[a + 2]!;
    if (positions[b + 2] !== height || positions[c + 2] !== height) continue;
    const area =
      (positions[b]! - positions[a]!) * (positions[c + 1]! - positions[a + 1]!) -
      (positions[c]! - positions[a]!) * (positions[b + 1]! - positions[a + 1]!);
    areaAt.set(height, (areaAt.get(height) ?? 0) + Math.abs(area));
  }
  return [...areaAt]
    .sort((a, b) => b[1] - a[1])
    .slice(0, mostLevelFaces)
    .map(([height]) => height);
}

/** Even heights from one to another, both among them and exact. */
export function evenHeights(from: number, to: number, steps: number): Float64Array {
  return Float64Array.from({ length: steps + 1 }, (_, step) =>
    step === steps ? to : from + ((to - from) * step) / steps,
  );
}

/**
 * The heights at which V(h) of a mesh is worked out: all its corner heights where they are few, else even steps
 * and its largest level faces.
 */
export function knotsOf(mesh: IndexedMesh): Float64Array {
  const { positions } = mesh;
  const heights = new Set<number>();
  let least = Infinity;
  let greatest = -Infinity;
  for (let at = 2; at < positions.length; at += 3) {
    const height = positions[at]!;
    if (height < least) least = height;
    if (height > greatest) greatest = height;
    if (heights.size <= mostExactKnots) heights.add(height);
  }
  const chosen =
    heights.size <= mostExactKnots
      ? [...heights]
      : [...evenHeights(least, greatest, evenSteps), ...levelFaceHeights(mesh)];
  return Float64Array.from(rising(chosen));
}

/** V(h), surface and bounds of a mesh at these heights, or at one. */
export function curveAt(
  mesh: IndexedMesh,
  heights: Float64Array,
): { readonly curve: MeshCurve; readonly bounds: Bounds; readonly surface: number } {
  const sums = new MeshSums(heights);
  eachSoup(mesh, (soup, triangles) => sums.add(soup, triangles));
  return { curve: sums.curve(), bounds: sums.bounds(), surface: sums.surface };
}

/** Least value of c₀ + c₁t + c₂t² on 0 … length. */
function leastOn([c0, c1, c2]: readonly [number, number, number], length: number): number {
  const ends = Math.min(c0, c0 + length * (c1 + length * c2));
  const turn = -c1 / (2 * c2);
  return c2 > 0 && turn > 0 && turn < length ? Math.min(ends, c0 + turn * (c1 + turn * c2)) : ends;
}

/** Knots nearer to each other than this share of the height belong to one face that is a hair off level. */
const shortShare = 1e-9;

/**
 * The slabs between the knots of a curve. Between two corner heights the level area of a polyhedron is exactly a
 * quadratic; the one that has the areas at both knots and the volume between them is it.
 * Where knots are further apart than corners and that quadratic would fall below nothing, the mean area stands.
 * @param curve heights from 0 up, in mm; outward-facing
 * @returns the slabs, and over how many of them the mean area stands
 * @throws InputError `mesh-partly-inside-out` where a stretch holds less than nothing
 */
export function slabsOfCurve({ heights, volumes, areasBelow, areasAbove }: MeshCurve): {
  readonly slabs: readonly Slab[];
  readonly averaged: number;
} {
  const greatest = areasAbove.reduce((most, area) => Math.max(most, area), 0);
  let averaged = 0;
  const slabs = Array.from({ length: heights.length - 1 }, (_, index): Slab => {
    const fromMm = heights[index]!;
    const toMm = heights[index + 1]!;
    const length = toMm - fromMm;
    const foot = areasAbove[index]!;
    const top = areasBelow[index + 1]!;
    // A volume over so short a stretch is all rounding; its areas still tell what it is.
    if (length <= shortShare * heights.at(-1)!) {
      return { fromMm, toMm, areaMm2: [Math.max(0, (foot + top) / 2), 0, 0] };
    }
    const mean = (volumes[index + 1]! - volumes[index]!) / length;
    const quadratic = [
      foot,
      (6 * mean - 4 * foot - 2 * top) / length,
      (3 * foot + 3 * top - 6 * mean) / length ** 2,
    ] as const;
    if (leastOn(quadratic, length) >= -roundingShare * greatest) {
      return { fromMm, toMm, areaMm2: quadratic };
    }
    if (mean < -roundingShare * greatest) {
      throw new InputError('mesh-partly-inside-out', undefined, { fromMm, toMm });
    }
    averaged += 1;
    return { fromMm, toMm, areaMm2: [mean, 0, 0] };
  });
  return { slabs, averaged };
}
