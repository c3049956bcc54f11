import type { IndexedMesh } from './indexedMesh';

/** A mesh whose holes are closed, and what that leaves in doubt. */
export interface Capped {
  readonly mesh: IndexedMesh;
  readonly holes: number;
  /** The skin that is missing could bulge by half a ball over each hole: Σ ⅔ r A with A = πr², cubed file units. */
  readonly doubt: number;
}

/** Rims of holes, each as a closed round of corners; runs against the triangles beside it. */
function rims(openEdges: Uint32Array): readonly (readonly number[])[] {
  const following = new Map<number, number[]>();
  for (let at = 0; at < openEdges.length; at += 2) {
    const from = openEdges[at + 1]!;
    const list = following.get(from);
    if (list === undefined) following.set(from, [openEdges[at]!]);
    else list.push(openEdges[at]!);
  }
  const found: number[][] = [];
  for (const [start, ways] of following) {
    while (ways.length > 0) {
      const rim: number[] = [];
      let corner: number | undefined = start;
      while (corner !== undefined) {
        rim.push(corner);
        corner = following.get(corner)?.pop();
      }
      // The walk ends where it began, or at a corner that has no way on: both are closed by the fan.
      if (rim.length > 1 && rim[0] === rim.at(-1)) rim.pop();
      found.push(rim);
    }
  }
  return found;
}

/** Area of the fan from the middle of a rim. */
function fanArea(
  positions: Float64Array,
  rim: readonly number[],
  middle: readonly number[],
): number {
  const [mx = 0, my = 0, mz = 0] = middle;
  let area = 0;
  rim.forEach((from, index) => {
    const to = rim[(index + 1) % rim.length] ?? from;
    const ux = positions[3 * from]! - mx;
    const uy = positions[3 * from + 1]! - my;
    const uz = positions[3 * from + 2]! - mz;
    const vx = positions[3 * to]! - mx;
    const vy = positions[3 * to + 1]! - my;
    const vz = positions[3 * to + 2]! - mz;
    area += Math.hypot(uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx) / 2;
  });
  return area;
}

/**
 * Closes every hole by a fan from the middle of its rim, so that what is there can still be measured.
 * @param openEdges as `meshTopology` found them
 */
export function capHoles(mesh: IndexedMesh, openEdges: Uint32Array): Capped {
  const found = rims(openEdges);
  const { positions, triangles } = mesh;
  const corners = positions.length / 3;
  const middles: number[] = [];
  const fans: number[] = [];
  let doubt = 0;
  found.forEach((rim, hole) => {
    const middle = [0, 1, 2].map(
      (axis) => rim.reduce((sum, corner) => sum + positions[3 * corner + axis]!, 0) / rim.length,
    );
    middles.push(...middle);
    rim.forEach((from, index) => {
      fans.push(from, rim[(index + 1) % rim.length] ?? from, corners + hole);
    });
    const area = fanArea(positions, rim, middle);
    doubt += (2 / 3) * Math.sqrt(area / Math.PI) * area;
  });
  const allPositions = new Float64Array(positions.length + middles.length);
  allPositions.set(positions);
  allPositions.set(middles, positions.length);
  const allTriangles = new Uint32Array(triangles.length + fans.length);
  allTriangles.set(triangles);
  allTriangles.set(fans, triangles.length);
  return {
    mesh: { positions: allPositions, triangles: allTriangles },
    holes: found.length,
    doubt,
  };
}
