import type { IndexedMesh } from './indexedMesh';

/** Areas of a mesh that resin stands on and against, mm². */
export interface MeshFaces {
  /** Walls under each of the even heights from 0 to the top. */
  readonly sidesMm2: readonly number[];
  /** What lies level and faces up into the cavity, or down under the piece. */
  readonly floorMm2: number;
}

/** The walls are told at this many even steps; between two they are taken as straight. */
const steps = 128;

/** A triangle that leans by less than this from level is floor: sin 1°. */
const levelSine = Math.sin(Math.PI / 180);

/**
 * Share of a triangle's area under a level plane: 0 at its lowest corner, 1 at its highest.
 * @param low, middle, high heights of its corners, rising
 */
export function shareBelow(height: number, low: number, middle: number, high: number): number {
  if (height >= high) return 1;
  if (height <= low) return 0;
  return height < middle
    ? (height - low) ** 2 / ((middle - low) * (high - low))
    : 1 - (high - height) ** 2 / ((high - middle) * (high - low));
}

/**
 * Walls and floor of a mesh, from its triangles. A triangle wholly between two heights enters one
 * running sum; only those that cross a height are cut.
 * @param footMm, heightMm where it stands, and how high it is
 */
export function meshFaces(
  { positions, triangles }: IndexedMesh,
  footMm: number,
  heightMm: number,
): MeshFaces {
  const sums = new Float64Array(steps + 2);
  const stepMm = heightMm / steps;
  let floorMm2 = 0;
  for (let at = 0; at < triangles.length; at += 3) {
    const a = 3 * triangles[at]!;
    const b = 3 * triangles[at + 1]!;
    const c = 3 * triangles[at + 2]!;
    const az = positions[a + 2]! - footMm;
    const bz = positions[b + 2]! - footMm;
    const cz = positions[c + 2]! - footMm;
    const ux = positions[b]! - positions[a]!;
    const uy = positions[b + 1]! - positions[a + 1]!;
    const uz = bz - az;
    const vx = positions[c]! - positions[a]!;
    const vy = positions[c + 1]! - positions[a + 1]!;
    const vz = cz - az;
    const nx = uy * vz - uz * vy;
    const ny = uz * vx - ux * vz;
    const nz = ux * vy - uy * vx;
    const double = Math.sqrt(nx * nx + ny * ny + nz * nz);
    if (double === 0) continue;
    const low = Math.min(az, bz, cz);
    const high = Math.max(az, bz, cz);
    if (Math.abs(nz) > double * (1 - levelSine ** 2 / 2)) {
      // The outside of the resin looks down where it lies on something, and up where it is open.
      if (nz < 0) floorMm2 += double / 2;
      continue;
    }
    const first = Math.max(0, Math.floor(low / stepMm));
    const last = Math.min(steps, Math.ceil(high / stepMm));
    let before = 0;
    for (let step = first + 1; step <= last; step += 1) {
      const share =
        step === last ? 1 : shareBelow(step * stepMm, low, az + bz + cz - low - high, high);
      sums[step]! += ((share - before) * double) / 2;
      before = share;
    }
    if (first >= last) sums[last]! += double / 2;
  }
  let sum = 0;
  const sidesMm2 = Array.from({ length: steps + 1 }, (_, step) => (sum += sums[step]!));
  return { sidesMm2, floorMm2 };
}
