import { matrixOf, type Orientation } from './orientation';
import type { MeshPreview } from './preview';

/** One triangle as it is drawn: far ones first. */
export interface ShadedFace {
  /** An SVG path in dp from the picture's top left. */
  readonly path: string;
  /** 0 for the dark side … `shades` − 1 for the light one. */
  readonly shade: number;
}

interface View {
  /** How far round the body one stands, degrees. */
  readonly aroundDeg: number;
  readonly width: number;
  readonly height: number;
  readonly shades: number;
}

/** From how high one looks down, radians. */
const down = 0.42;
/** Where the light comes from, in the picture's own axes: from the left, above and in front. */
const light = [-0.45, 0.7, 0.55] as const;

/**
 * A reduced mesh as it stands, seen from a little above, without perspective: the faces that look this way, far
 * ones first, each with its shade.
 */
export function shadedFaces(
  { corners, triangles }: MeshPreview,
  orientation: Orientation,
  { aroundDeg, width, height, shades }: View,
): readonly ShadedFace[] {
  const [a, b, c, d, e, f, g, h, i] = matrixOf(orientation) as readonly [
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
  const around = (aroundDeg * Math.PI) / 180;
  const [sine, cosine] = [Math.sin(around), Math.cos(around)];
  const [sineDown, cosineDown] = [Math.sin(down), Math.cos(down)];
  const count = corners.length / 3;
  /** Right, up, towards the eye. */
  const seen = Array.from({ length: count }, (_, corner): readonly [number, number, number] => {
    const [x, y, z] = [corners[3 * corner]!, corners[3 * corner + 1]!, corners[3 * corner + 2]!];
    const [sx, sy, sz] = [a * x + b * y + c * z, d * x + e * y + f * z, g * x + h * y + i * z];
    const right = cosine * sx + sine * sy;
    const away = -sine * sx + cosine * sy;
    return [right, cosineDown * sz + sineDown * away, sineDown * sz - cosineDown * away];
  });
  const extent = (axis: 0 | 1): readonly [number, number] => [
    Math.min(...seen.map((point) => point[axis])),
    Math.max(...seen.map((point) => point[axis])),
  ];
  const [left, right] = extent(0);
  const [low, high] = extent(1);
  const margin = 8;
  const scale = Math.min(
    (width - 2 * margin) / (right - left || 1),
    (height - 2 * margin) / (high - low || 1),
  );
  const px = (x: number): string => (width / 2 + (x - (left + right) / 2) * scale).toFixed(1);
  const py = (y: number): string => (height / 2 - (y - (low + high) / 2) * scale).toFixed(1);

  const faces: (ShadedFace & { readonly depth: number })[] = [];
  for (let at = 0; at < triangles.length; at += 3) {
    const [p, q, r] = [seen[triangles[at]!], seen[triangles[at + 1]!], seen[triangles[at + 2]!]];
    if (p === undefined || q === undefined || r === undefined) continue;
    const [ux, uy, uz] = [q[0] - p[0], q[1] - p[1], q[2] - p[2]];
    const [vx, vy, vz] = [r[0] - p[0], r[1] - p[1], r[2] - p[2]];
    const [nx, ny, nz] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
    const length = Math.hypot(nx, ny, nz);
    if (nz <= 0 || length === 0) continue;
    const lit = (nx * light[0] + ny * light[1] + nz * light[2]) / length / Math.hypot(...light);
    faces.push({
      path: `M${px(p[0])} ${py(p[1])}L${px(q[0])} ${py(q[1])}L${px(r[0])} ${py(r[1])}Z`,
      shade: Math.round(Math.max(0, lit) * (shades - 1)),
      depth: p[2] + q[2] + r[2],
    });
  }
  return faces.sort((one, other) => one.depth - other.depth);
}
