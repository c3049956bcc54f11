import type { IndexedMesh } from './indexedMesh';

/** How the triangles of a mesh hang together. */
export interface MeshTopology {
  /** Edges that only one triangle has (or an odd number): the rims of holes. Corner pairs, start and end. */
  readonly openEdges: Uint32Array;
  /** Edges whose triangles run the same way along them: one of them is turned round. */
  readonly turnedEdges: number;
  /** Separate bodies: how many. */
  readonly bodies: number;
  /** Body of each corner, counted from 0. */
  readonly bodyOfCorner: Uint32Array;
}

/** The representative of a corner's set, halving the path on the way. */
function rootOf(parents: Uint32Array, corner: number): number {
  let at = corner;
  while (parents[at] !== at) {
    parents[at] = parents[parents[at]!]!;
    at = parents[at]!;
  }
  return at;
}

function bodiesOf(mesh: IndexedMesh): Pick<MeshTopology, 'bodies' | 'bodyOfCorner'> {
  const { positions, triangles } = mesh;
  const corners = positions.length / 3;
  const parents = Uint32Array.from({ length: corners }, (_, corner) => corner);
  for (let at = 0; at < triangles.length; at += 3) {
    const first = rootOf(parents, triangles[at]!);
    const second = rootOf(parents, triangles[at + 1]!);
    parents[second] = first;
    const third = rootOf(parents, triangles[at + 2]!);
    parents[third] = first;
  }
  const bodyOfRoot = new Map<number, number>();
  const bodyOfCorner = new Uint32Array(corners);
  for (let corner = 0; corner < corners; corner += 1) {
    const root = rootOf(parents, corner);
    let body = bodyOfRoot.get(root);
    if (body === undefined) {
      body = bodyOfRoot.size;
      bodyOfRoot.set(root, body);
    }
    bodyOfCorner[corner] = body;
  }
  return { bodies: bodyOfRoot.size, bodyOfCorner };
}

/** Up to this many half-edges from a corner are looked through one by one; the usual six are. */
const fewEnds = 16;

/** Where in a rising stretch of a list the first value stands that is at least this; its end where none is. */
function firstAtLeast(list: Uint32Array, from: number, end: number, value: number): number {
  let low = from;
  let high = end;
  while (low < high) {
    const middle = (low + high) >>> 1;
    if (list[middle]! < value) low = middle + 1;
    else high = middle;
  }
  return low;
}

/**
 * Whether a mesh is closed, whether all its triangles face the same way, and into how many bodies it falls.
 * Half-edges are put in order by their start corner, so that each finds its partner among a few.
 */
export function meshTopology(mesh: IndexedMesh): MeshTopology {
  const { positions, triangles } = mesh;
  const corners = positions.length / 3;
  const starts = new Uint32Array(corners + 1);
  for (const corner of triangles) starts[corner + 1]! += 1;
  for (let corner = 0; corner < corners; corner += 1) starts[corner + 1]! += starts[corner]!;
  const ends = new Uint32Array(triangles.length);
  const filled = starts.slice();
  for (let at = 0; at < triangles.length; at += 3) {
    for (let side = 0; side < 3; side += 1) {
      const from = triangles[at + side]!;
      ends[filled[from]!] = triangles[at + ((side + 1) % 3)]!;
      filled[from]! += 1;
    }
  }
  // In order within each star: a corner that all triangles share would be looked through for each of them.
  for (let corner = 0; corner < corners; corner += 1) {
    if (starts[corner + 1]! - starts[corner]! > fewEnds) {
      ends.subarray(starts[corner], starts[corner + 1]).sort();
    }
  }
  const along = (from: number, to: number): number => {
    const first = starts[from]!;
    const end = starts[from + 1]!;
    if (end - first > fewEnds) {
      return firstAtLeast(ends, first, end, to + 1) - firstAtLeast(ends, first, end, to);
    }
    let count = 0;
    for (let at = first; at < end; at += 1) if (ends[at] === to) count += 1;
    return count;
  };
  const open: number[] = [];
  let turnedEdges = 0;
  for (let from = 0; from < corners; from += 1) {
    for (let at = starts[from]!; at < starts[from + 1]!; at += 1) {
      const to = ends[at]!;
      const there = along(from, to);
      const back = along(to, from);
      if (there <= back) continue;
      if ((there + back) % 2 === 1) open.push(from, to);
      else turnedEdges += 1;
    }
  }
  return { openEdges: Uint32Array.from(open), turnedEdges, ...bodiesOf(mesh) };
}
