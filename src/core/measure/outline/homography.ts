import { InputError } from '../../problem';

/** A projective map of the plane: (x, y) → (ax + by + c, dx + ey + f) / (gx + hy + 1). */
export type Homography = readonly [number, number, number, number, number, number, number, number];

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** The place that a homography takes a point to. */
export function mapPoint([a, b, c, d, e, f, g, h]: Homography, { x, y }: Point): Point {
  const scale = g * x + h * y + 1;
  return { x: (a * x + b * y + c) / scale, y: (d * x + e * y + f) / scale };
}

/** Twice the signed area of three points. */
const turn = (a: Point, b: Point, c: Point): number =>
  (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);

/**
 * The map from the unit square's corners (0,0) (1,0) (1,1) (0,1) to four corners in that order.
 * Source: Heckbert, Fundamentals of Texture Mapping and Image Warping (1989), section 2.2.3.
 */
function squareTo([p0, p1, p2, p3]: readonly [Point, Point, Point, Point]): readonly number[] {
  const sx = p0.x - p1.x + p2.x - p3.x;
  const sy = p0.y - p1.y + p2.y - p3.y;
  const dx1 = p1.x - p2.x;
  const dy1 = p1.y - p2.y;
  const dx2 = p3.x - p2.x;
  const dy2 = p3.y - p2.y;
  const bottom = dx1 * dy2 - dx2 * dy1;
  const g = (sx * dy2 - dx2 * sy) / bottom;
  const h = (dx1 * sy - sx * dy1) / bottom;
  return [
    p1.x - p0.x + g * p1.x,
    p3.x - p0.x + h * p3.x,
    p0.x,
    p1.y - p0.y + g * p1.y,
    p3.y - p0.y + h * p3.y,
    p0.y,
    g,
    h,
    1,
  ];
}

/** The inverse of a map of the plane up to scale: its adjoint. */
function adjoint(m: readonly number[]): readonly number[] {
  const [a, b, c, d, e, f, g, h, i] = m as readonly [
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
  return [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ];
}

/**
 * The map from a photograph to a flat rectangle whose four corners are known in it, so that a picture taken at
 * a slant measures right.
 * @param corners in the picture, in order round the rectangle; the first side is its width
 * @param widthMm from the first corner to the second
 * @param heightMm from the second corner to the third
 * @returns the map from picture px to mm
 * @throws InputError `corners-not-convex` where the four do not go round a rectangle as a camera sees one
 */
export function photoToRectangle(
  corners: readonly [Point, Point, Point, Point],
  widthMm: number,
  heightMm: number,
): Homography {
  const turns = corners.map((corner, index) =>
    turn(corner, corners[(index + 1) % 4]!, corners[(index + 2) % 4]!),
  );
  if (!(turns.every((each) => each > 0) || turns.every((each) => each < 0))) {
    throw new InputError('corners-not-convex', undefined);
  }
  const [a, b, c, d, e, f, g, h, i] = adjoint(squareTo(corners)) as readonly [
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
  return [
    (widthMm * a) / i,
    (widthMm * b) / i,
    (widthMm * c) / i,
    (heightMm * d) / i,
    (heightMm * e) / i,
    (heightMm * f) / i,
    g / i,
    h / i,
  ];
}

/** The map where one length is known and the picture was taken squarely: the same scale everywhere. */
export function scaleByLength(from: Point, to: Point, lengthMm: number): Homography {
  const lengthPx = Math.hypot(to.x - from.x, to.y - from.y);
  if (lengthPx === 0) throw new InputError('scale-without-length', undefined);
  const mmPerPx = lengthMm / lengthPx;
  return [mmPerPx, 0, 0, 0, mmPerPx, 0, 0, 0];
}
