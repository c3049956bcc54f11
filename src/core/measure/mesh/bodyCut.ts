import type { MeshPart } from '../parts/methodSchemas';
import { orientationOf } from '../files/orientationOf';
import { boundsOf, extentOf } from './boundsOf';
import type { IndexedMesh } from './indexedMesh';
import { stood, type Orientation } from './orientation';
import type { MeshPreview } from './preview';

/** A closed line in the plane of the cut: x from the middle of the body, height over its foot, and so on, mm. */
export type CutRing = readonly number[];

/** So little beside the middle that no corner lies in the plane, in thousandths of the body's size. */
const besideMiddle = 0.0137;

/** Where an upright plane goes through the edges of a mesh: the places, and which of them one triangle joins. */
function crossings({ positions, triangles }: IndexedMesh, middle: number) {
  const places = new Map<string, readonly [x: number, z: number]>();
  const joined = new Map<string, string[]>();
  const crossing = (one: number, other: number): string => {
    const [from, to] = one < other ? [one, other] : [other, one];
    const key = `${from},${to}`;
    if (!places.has(key)) {
      const [near, far] = [positions[3 * from + 1]!, positions[3 * to + 1]!];
      const share = (middle - near) / (far - near);
      const at = (axis: 0 | 2): number =>
        positions[3 * from + axis]! +
        share * (positions[3 * to + axis]! - positions[3 * from + axis]!);
      places.set(key, [at(0), at(2)]);
      joined.set(key, []);
    }
    return key;
  };
  const isNear = (corner: number): boolean => positions[3 * corner + 1]! < middle;
  for (let at = 0; at < triangles.length; at += 3) {
    const [a, b, c] = [triangles[at]!, triangles[at + 1]!, triangles[at + 2]!];
    const crossed = [
      [a, b],
      [b, c],
      [c, a],
    ] as const;
    const [first, second] = crossed
      .filter(([from, to]) => isNear(from) !== isNear(to))
      .map(([from, to]) => crossing(from, to));
    if (first === undefined || second === undefined) continue;
    joined.get(first)!.push(second);
    joined.get(second)!.push(first);
  }
  return { places, joined };
}

/**
 * The true cut through the middle of a body, seen from the front: where the upright plane goes through its reduced mesh, as
 * closed lines. A body with holes or pockets has several; what lies in an odd number of them is inside.
 * @param sizeMm of the whole body as it stands: across, along, up; the reduced one is drawn to it
 * @returns empty where the reduced mesh has nothing in the plane
 */
export function bodyCut(
  { corners, triangles }: MeshPreview,
  orientation: Orientation,
  sizeMm: readonly number[],
): readonly CutRing[] {
  const mesh = stood(
    { positions: Float64Array.from(corners), triangles: Uint32Array.from(triangles) },
    orientation,
    1,
  );
  const bounds = boundsOf(mesh.positions);
  const [wide, , high] = extentOf(bounds);
  const across = (sizeMm[0] ?? 0) / (wide || 1);
  const up = (sizeMm[2] ?? 0) / (high || 1);
  const middleX = (bounds.min[0] + bounds.max[0]) / 2;
  const middleY = (bounds.min[1] + bounds.max[1]) / 2 + besideMiddle;
  const { places, joined } = crossings(mesh, middleY);
  const seen = new Set<string>();
  const rings: CutRing[] = [];
  // A mesh with a hole has open lines too: those are gone along from an end.
  const all = [...places.keys()];
  const ends = all.filter((key) => joined.get(key)!.length === 1);
  for (const start of [...ends, ...all]) {
    const ring: number[] = [];
    for (let here: string | undefined = start; here !== undefined && !seen.has(here);) {
      seen.add(here);
      const [x, z] = places.get(here)!;
      ring.push(rounded((x - middleX) * across), rounded(z * up));
      here = joined.get(here)!.find((next) => !seen.has(next));
    }
    if (ring.length >= 6) rings.push(ring);
  }
  return rings;
}

/** To a hundredth of a millimetre, which nobody sees. */
const rounded = (mm: number): number => Math.round(mm * 100) / 100;

/** The cut of a mesh part as it is poured; undefined where no picture of it was kept. */
export function cutOfPart({
  preview,
  measured,
  up,
  turn,
}: MeshPart): readonly CutRing[] | undefined {
  if (preview === undefined || measured === undefined) return undefined;
  const rings = bodyCut(preview, orientationOf({ up, turn }), measured.sizeMm);
  return rings.length === 0 ? undefined : rings;
}
