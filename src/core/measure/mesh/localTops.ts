import type { IndexedMesh } from './indexedMesh';

/** A place of a mesh that no way up along its surface leaves, mm. */
export interface LocalTop {
  readonly x: number;
  readonly y: number;
  readonly z: number;
  /** The piece ends in it: air stays here as it is cast. Else it is the roof of a recess: air stays here as something is poured round it. */
  readonly ofPiece: boolean;
  /** How far down it is to where a way leads on upwards; undefined for the highest of a body. */
  readonly risesMm: number | undefined;
  /** What it holds above there, ml. */
  readonly holdsMl: number | undefined;
}

/** Lower than this is the roughness of a scan or of a print, mm. */
const leastRiseMm = 0.3;
/** More of them than this are no vents but a surface. */
const mostTops = 60;
/** What lies within this of a top is level with it, mm. */
const levelMm = 0.02;

/** Triangles at each corner: where those of a corner begin in the list, and the list. */
function trianglesByCorner({ positions, triangles }: IndexedMesh) {
  const starts = new Uint32Array(positions.length / 3 + 1);
  for (const corner of triangles) starts[corner + 1]! += 1;
  for (let at = 1; at < starts.length; at += 1) starts[at]! += starts[at - 1]!;
  const next = starts.slice();
  const list = new Uint32Array(triangles.length);
  for (let at = 0; at < triangles.length; at += 1) {
    list[next[triangles[at]!]!++] = Math.floor(at / 3);
  }
  return { starts, list };
}

interface Peak {
  readonly corner: number;
  /** Where it meets a higher one; undefined where it meets none. */
  saddle: number | undefined;
}

/** Corners from the highest down. Heights are sorted as numbers, which is several times as quick as by a comparison. */
function fromHighest(heights: Float64Array): Uint32Array {
  const rising = heights.slice().sort();
  // Where corners of each height begin in the order: found by halving, and counted up as they are placed.
  const placed = new Uint32Array(heights.length);
  const order = new Uint32Array(heights.length);
  for (let corner = 0; corner < heights.length; corner += 1) {
    let [low, high] = [0, heights.length];
    while (low < high) {
      const middle = (low + high) >>> 1;
      if (rising[middle]! < heights[corner]!) low = middle + 1;
      else high = middle;
    }
    order[heights.length - 1 - low - placed[low]!++] = corner;
  }
  return order;
}

/**
 * Water that sinks from above uncovers the surface corner by corner: each top is an island, and where two meet the lower one ends.
 * @param heights of the corners
 */
function peaksOf(
  { triangles }: IndexedMesh,
  heights: Float64Array,
  { starts, list }: ReturnType<typeof trianglesByCorner>,
): readonly Peak[] {
  const order = fromHighest(heights);
  const dry = new Uint8Array(heights.length);
  const parents = Uint32Array.from({ length: heights.length }, (_, corner) => corner);
  // By the corner that stands for an island: each is found by its highest.
  const peaks = new Map<number, Peak>();
  const islandOf = (corner: number): number => {
    let at = corner;
    while (parents[at] !== at) {
      parents[at] = parents[parents[at]!]!;
      at = parents[at]!;
    }
    return at;
  };
  for (const corner of order) {
    dry[corner] = 1;
    let own = -1;
    for (let at = starts[corner]!; at < starts[corner + 1]!; at += 1) {
      for (let side = 0; side < 3; side += 1) {
        const other = triangles[3 * list[at]! + side]!;
        if (other === corner || dry[other] === 0) continue;
        const island = islandOf(other);
        if (own === -1) own = island;
        if (island === own) continue;
        // An island is called by its highest corner, so the higher of the two keeps its name.
        const [keeps, ends] = heights[island]! > heights[own]! ? [island, own] : [own, island];
        peaks.get(ends)!.saddle = heights[corner]!;
        parents[ends] = keeps;
        own = keeps;
      }
    }
    if (own === -1) peaks.set(corner, { corner, saddle: undefined });
    else parents[corner] = own;
  }
  return [...peaks.values()];
}

/** What is gathered of an island: where its level top is, which way that looks, and what it holds over its saddle. */
function gathered(
  { positions, triangles }: IndexedMesh,
  heights: Float64Array,
  { starts, list }: ReturnType<typeof trianglesByCorner>,
  { corner: first, saddle }: Peak,
) {
  const top = heights[first]!;
  // Of the highest of a body only the level part is wanted.
  const floor = saddle ?? top - levelMm;
  const seen = new Set<number>([first]);
  const used = new Set<number>();
  const waiting = [first];
  let [level, levelX, levelY, looksUp, mm3] = [0, 0, 0, 0, 0];
  for (let corner = waiting.pop(); corner !== undefined; corner = waiting.pop()) {
    for (let at = starts[corner]!; at < starts[corner + 1]!; at += 1) {
      const triangle = list[at]!;
      if (used.has(triangle)) continue;
      used.add(triangle);
      const [a, b, c] = [
        triangles[3 * triangle]!,
        triangles[3 * triangle + 1]!,
        triangles[3 * triangle + 2]!,
      ];
      const [ax, ay] = [positions[3 * a]!, positions[3 * a + 1]!];
      const [bx, by] = [positions[3 * b]! - ax, positions[3 * b + 1]! - ay];
      const [cx, cy] = [positions[3 * c]! - ax, positions[3 * c + 1]! - ay];
      const seenFromAbove = (bx * cy - by * cx) / 2;
      const [za, zb, zc] = [heights[a]!, heights[b]!, heights[c]!];
      const low = Math.min(za, zb, zc);
      if (a === first || b === first || c === first) looksUp += seenFromAbove;
      if (low >= top - levelMm) {
        const area = Math.abs(seenFromAbove);
        level += area;
        levelX += area * (ax + (bx + cx) / 3);
        levelY += area * (ay + (by + cy) / 3);
      }
      mm3 += seenFromAbove * meanOver(floor, za, zb, zc);
      for (const other of [a, b, c]) {
        if (heights[other]! <= floor || seen.has(other)) continue;
        seen.add(other);
        waiting.push(other);
      }
    }
  }
  const at =
    level > 0
      ? ([levelX / level, levelY / level] as const)
      : ([positions[3 * first]!, positions[3 * first + 1]!] as const);
  return { at, looksUp, ml: Math.abs(mm3) / 1000 };
}

/**
 * The mean of max(0, z − floor) over a triangle: what the divergence theorem sums (see `MeshSums`), told from above.
 * With depths under the floor as corners it is the same formula upside down.
 */
function meanOver(floor: number, a: number, b: number, c: number): number {
  const low = Math.min(a, b, c);
  const high = Math.max(a, b, c);
  const middle = a + b + c - low - high;
  if (floor >= high) return 0;
  const mean = (a + b + c) / 3 - floor;
  if (floor <= low) return mean;
  if (floor < middle) return mean + (floor - low) ** 3 / (3 * (high - low) * (middle - low));
  return (high - floor) ** 3 / (3 * (high - middle) * (high - low));
}

/**
 * Where air would stay as a mesh is cast, or as something is poured round it: local tops that no path upward leaves. Those of a
 * fraction of a millimetre are roughness and are left out; the highest of each body is among them.
 * @param mesh facing outward, mm; it may be turned over by `sign`
 * @param sign 1 as it stands, −1 turned over: its local bottoms
 * @returns the highest risers first; z as the mesh stands
 */
export function localTops(mesh: IndexedMesh, sign: 1 | -1): readonly LocalTop[] {
  const { positions } = mesh;
  const heights = new Float64Array(positions.length / 3);
  for (let corner = 0; corner < heights.length; corner += 1) {
    heights[corner] = sign * positions[3 * corner + 2]!;
  }
  const around = trianglesByCorner(mesh);
  const risen = peaksOf(mesh, heights, around)
    .map((peak) => ({
      peak,
      risesMm: peak.saddle === undefined ? undefined : heights[peak.corner]! - peak.saddle,
    }))
    .filter(({ risesMm }) => risesMm === undefined || risesMm >= leastRiseMm)
    .sort((a, b) => (b.risesMm ?? Infinity) - (a.risesMm ?? Infinity))
    .slice(0, mostTops);
  return risen.flatMap(({ peak, risesMm }): readonly LocalTop[] => {
    const { at, looksUp, ml } = gathered(mesh, heights, around, peak);
    const ofPiece = sign * looksUp > 0;
    // The roof of a hollow that nothing leads into: nothing is ever poured there.
    if (!ofPiece && risesMm === undefined) return [];
    return [
      {
        x: at[0],
        y: at[1],
        z: positions[3 * peak.corner + 2]!,
        ofPiece,
        risesMm,
        holdsMl: risesMm === undefined ? undefined : ml,
      },
    ];
  });
}
