import { hullOf } from '../flat/hull';
import type { IndexedMesh } from './indexedMesh';
import { localTops, type LocalTop } from './localTops';
import { shareBelow } from './meshFaces';

/** What a mould box and the opening of a mould need to know of a mesh as it stands. */
export interface MeshStanding {
  /** The smallest convex outline round it as seen from above: x, y, and the height at which it reaches so far; mm. */
  readonly hullMm: readonly number[];
  /** Where air stays as it stands, and as it is turned over: see `LocalTop`. */
  readonly tops: LocalTop[];
  readonly bottoms: LocalTop[];
  /** What looks down and what looks up between even heights from 0 to its top, mm². */
  readonly looksDownMm2: readonly number[];
  readonly looksUpMm2: readonly number[];
}

/** Steps in which a parting moves. */
export const leaningSteps = 64;
/** Walls that lean by less than this come out of a mould like upright ones: sin 1°. */
const uprightSine = Math.sin(Math.PI / 180);
/** Finer outlines than this are drawn a hair wider, with so many corners. */
const mostHull = 256;

const rounded = (value: number): number => Math.round(value * 1000) / 1000;

/** Unit vectors all round: x and y in turn. */
const directions = (count: number): Float64Array =>
  Float64Array.from({ length: 2 * count }, (_, at) => {
    const angle = (2 * Math.PI * Math.floor(at / 2)) / count;
    return at % 2 === 0 ? Math.cos(angle) : Math.sin(angle);
  });

/** The corner that reaches furthest in each direction. */
function furthest(positions: Float64Array, towards: Float64Array): readonly number[] {
  const ways = towards.length / 2;
  const reach = new Float64Array(ways).fill(-Infinity);
  const corners = new Uint32Array(ways);
  for (let at = 0; at < positions.length; at += 3) {
    const x = positions[at]!;
    const y = positions[at + 1]!;
    for (let way = 0; way < ways; way += 1) {
      const far = towards[2 * way]! * x + towards[2 * way + 1]! * y;
      if (far > reach[way]!) {
        reach[way] = far;
        corners[way] = at / 3;
      }
    }
  }
  return [...corners];
}

/** Corners but for those that lie inside what a few of them span: those cannot be on the hull. */
function perhapsOnHull(positions: Float64Array): readonly (readonly [number, number, number])[] {
  const span = furthest(positions, directions(24)).filter(
    (corner, at, all) => corner !== all[(at + 1) % all.length],
  );
  const edges = Float64Array.from(
    span.flatMap((corner, at) => {
      const to = span[(at + 1) % span.length]!;
      const [x, y] = [positions[3 * corner]!, positions[3 * corner + 1]!];
      return [x, y, positions[3 * to]! - x, positions[3 * to + 1]! - y];
    }),
  );
  const isInside = (x: number, y: number): boolean => {
    for (let at = 0; at < edges.length; at += 4) {
      const turn = edges[at + 2]! * (y - edges[at + 1]!) - edges[at + 3]! * (x - edges[at]!);
      if (!(turn > 0)) return false;
    }
    return true;
  };
  const found: (readonly [number, number, number])[] = [];
  for (let at = 0; at < positions.length; at += 3) {
    const x = positions[at]!;
    const y = positions[at + 1]!;
    if (!isInside(x, y)) found.push([x, y, at / 3]);
  }
  return found;
}

/** Outlines with very many corners: the lines that touch it in many directions, which lie a hair outside. */
function circumscribed(
  hull: readonly (readonly [number, number, number])[],
): readonly (readonly [number, number, number])[] {
  const towards = directions(mostHull);
  const flat = Float64Array.from(hull.flatMap(([x, y]) => [x, y, 0]));
  const touched = furthest(flat, towards);
  return touched.map((_, at) => {
    const next = (at + 1) % touched.length;
    const [x0, y0] = [towards[2 * at]!, towards[2 * at + 1]!];
    const [x1, y1] = [towards[2 * next]!, towards[2 * next + 1]!];
    const [first, second] = [hull[touched[at]!]!, hull[touched[next]!]!];
    const [far0, far1] = [x0 * first[0] + y0 * first[1], x1 * second[0] + y1 * second[1]];
    const turn = x0 * y1 - y0 * x1;
    return [(far0 * y1 - far1 * y0) / turn, (far1 * x0 - far0 * x1) / turn, first[2]];
  });
}

/** The smallest convex outline round a mesh as seen from above: x, y and the height there, in turn. */
export function hullFromAbove({ positions }: IndexedMesh): readonly number[] {
  const hull = hullOf(perhapsOnHull(positions));
  const kept = hull.length > mostHull ? circumscribed(hull) : hull;
  return kept.flatMap(([x, y, corner]) => [
    rounded(x),
    rounded(y),
    rounded(positions[3 * corner + 2]!),
  ]);
}

/** What looks up and what looks down between even heights: it holds a mould fast that is drawn off that way. */
function leaning({ positions, triangles }: IndexedMesh, heightMm: number) {
  const [down, up] = [new Float64Array(leaningSteps), new Float64Array(leaningSteps)];
  const stepMm = heightMm / leaningSteps;
  for (let at = 0; at < triangles.length; at += 3) {
    const a = 3 * triangles[at]!;
    const b = 3 * triangles[at + 1]!;
    const c = 3 * triangles[at + 2]!;
    const az = positions[a + 2]!;
    const bz = positions[b + 2]!;
    const cz = positions[c + 2]!;
    const ux = positions[b]! - positions[a]!;
    const uy = positions[b + 1]! - positions[a + 1]!;
    const vx = positions[c]! - positions[a]!;
    const vy = positions[c + 1]! - positions[a + 1]!;
    const nx = uy * (cz - az) - (bz - az) * vy;
    const ny = (bz - az) * vx - ux * (cz - az);
    const nz = ux * vy - uy * vx;
    const double = Math.sqrt(nx * nx + ny * ny + nz * nz);
    if (double === 0 || Math.abs(nz) <= double * uprightSine) continue;
    const into = nz > 0 ? up : down;
    const low = Math.min(az, bz, cz);
    const high = Math.max(az, bz, cz);
    const middle = az + bz + cz - low - high;
    const first = Math.min(leaningSteps - 1, Math.max(0, Math.floor(low / stepMm)));
    const last = Math.min(leaningSteps - 1, Math.max(first, Math.ceil(high / stepMm) - 1));
    let before = 0;
    for (let step = first; step <= last; step += 1) {
      const share = step === last ? 1 : shareBelow((step + 1) * stepMm, low, middle, high);
      into[step]! += ((share - before) * double) / 2;
      before = share;
    }
  }
  const told = (areas: Float64Array): readonly number[] => Array.from(areas, rounded);
  return { looksDownMm2: told(down), looksUpMm2: told(up) };
}

const roundedTop = ({ x, y, z, ofPiece, risesMm, holdsMl }: LocalTop): LocalTop => ({
  x: rounded(x),
  y: rounded(y),
  z: rounded(z),
  ofPiece,
  risesMm: risesMm && rounded(risesMm),
  holdsMl: holdsMl && rounded(holdsMl),
});

/**
 * What is kept of a mesh for moulds round it, as it stands.
 * @param mesh facing outward, standing on z = 0, mm
 * @param heightMm of it
 */
export function meshStanding(mesh: IndexedMesh, heightMm: number): MeshStanding {
  return {
    hullMm: hullFromAbove(mesh),
    tops: localTops(mesh, 1).map(roundedTop),
    bottoms: localTops(mesh, -1).map(roundedTop),
    ...leaning(mesh, heightMm),
  };
}
