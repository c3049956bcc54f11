import type { IndexedMesh } from './indexedMesh';

/** Which side of the file's axes is up when it is poured. */
export const upSides = ['+z', '-z', '+x', '-x', '+y', '-y'] as const;
export type UpSide = (typeof upSides)[number];

/** How a body stands: one of its six sides up, then turned about x, y and z, degrees. */
export interface Orientation {
  readonly up: UpSide;
  readonly turnDeg: readonly [number, number, number];
}

export const asInFile: Orientation = { up: '+z', turnDeg: [0, 0, 0] };

/** Three rows of three. */
type Matrix = readonly number[];

function times(a: Matrix, b: Matrix): Matrix {
  return Array.from({ length: 9 }, (_, cell) => {
    const row = 3 * Math.floor(cell / 3);
    const column = cell % 3;
    return [0, 1, 2].reduce((sum, k) => sum + (a[row + k] ?? 0) * (b[3 * k + column] ?? 0), 0);
  });
}

/** Rotations that put one side up: all keep right-handedness. */
const upMatrix: Readonly<Record<UpSide, Matrix>> = {
  '+z': [1, 0, 0, 0, 1, 0, 0, 0, 1],
  '-z': [1, 0, 0, 0, -1, 0, 0, 0, -1],
  '+x': [0, 0, -1, 0, 1, 0, 1, 0, 0],
  '-x': [0, 0, 1, 0, 1, 0, -1, 0, 0],
  '+y': [1, 0, 0, 0, 0, -1, 0, 1, 0],
  '-y': [1, 0, 0, 0, 0, 1, 0, -1, 0],
};

/** Sine and cosine that are exact at the quarters, so that a box turned by 90° stays a box. */
function sineCosine(degrees: number): readonly [number, number] {
  const quarter = ((degrees / 90) % 4) + (degrees < 0 ? 4 : 0);
  const exact = [
    [0, 1],
    [1, 0],
    [0, -1],
    [-1, 0],
  ][Number.isInteger(quarter) ? quarter % 4 : -1];
  const radians = (degrees * Math.PI) / 180;
  return [exact?.[0] ?? Math.sin(radians), exact?.[1] ?? Math.cos(radians)];
}

/** The rotation matrix of an orientation, row by row. */
export function matrixOf({ up, turnDeg }: Orientation): Matrix {
  const [[sx, cx], [sy, cy], [sz, cz]] = [
    sineCosine(turnDeg[0]),
    sineCosine(turnDeg[1]),
    sineCosine(turnDeg[2]),
  ];
  const aboutX = [1, 0, 0, 0, cx, -sx, 0, sx, cx];
  const aboutY = [cy, 0, sy, 0, 1, 0, -sy, 0, cy];
  const aboutZ = [cz, -sz, 0, sz, cz, 0, 0, 0, 1];
  return times(aboutZ, times(aboutY, times(aboutX, upMatrix[up])));
}

/**
 * A mesh as it stands: turned, scaled, its lowest point on the floor at z = 0.
 * @param scale mm per unit of the file
 */
export function stood(mesh: IndexedMesh, orientation: Orientation, scale: number): IndexedMesh {
  const matrix = matrixOf(orientation).map((entry) => entry * scale) as [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const [xx, xy, xz, yx, yy, yz, zx, zy, zz] = matrix;
  const from = mesh.positions;
  const positions = new Float64Array(from.length);
  let lowest = Infinity;
  for (let at = 0; at < from.length; at += 3) {
    const x = from[at]!;
    const y = from[at + 1]!;
    const z = from[at + 2]!;
    positions[at] = xx * x + xy * y + xz * z;
    positions[at + 1] = yx * x + yy * y + yz * z;
    const height = zx * x + zy * y + zz * z;
    positions[at + 2] = height;
    if (height < lowest) lowest = height;
  }
  for (let at = 2; at < positions.length; at += 3) positions[at]! -= lowest;
  return { positions, triangles: mesh.triangles };
}
