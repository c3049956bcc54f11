/** A closed outline as x, y, x, y, …; the last point joins the first. Its unit is said where it is used. */
export type Outline = readonly number[];

/**
 * Signed area by the shoelace formula, above 0 where the outline runs anticlockwise (with y upwards).
 * Taken from the first point, so that outlines far from the origin lose no digits.
 */
export function signedArea(outline: Outline): number {
  const x0 = outline[0] ?? 0;
  const y0 = outline[1] ?? 0;
  let double = 0;
  for (let at = 2; at + 3 < outline.length; at += 2) {
    double +=
      (outline[at]! - x0) * (outline[at + 3]! - y0) -
      (outline[at + 2]! - x0) * (outline[at + 1]! - y0);
  }
  return double / 2;
}

/** Length of the closed outline. */
export function perimeter(outline: Outline): number {
  let length = 0;
  for (let at = 0; at < outline.length; at += 2) {
    const next = (at + 2) % outline.length;
    length += Math.hypot(outline[next]! - outline[at]!, outline[next + 1]! - outline[at + 1]!);
  }
  return length;
}

/** The box round outlines in the plane. */
interface Bounds {
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
}

/** The box round several outlines. */
export function boundsOf(outlines: readonly Outline[]): Bounds {
  let minX = Infinity;
  let minY = Infinity;
  let maxX = -Infinity;
  let maxY = -Infinity;
  for (const outline of outlines) {
    for (let at = 0; at < outline.length; at += 2) {
      minX = Math.min(minX, outline[at]!);
      maxX = Math.max(maxX, outline[at]!);
      minY = Math.min(minY, outline[at + 1]!);
      maxY = Math.max(maxY, outline[at + 1]!);
    }
  }
  return { minX, minY, maxX, maxY };
}

/** Whether a point lies inside an outline: a ray to the right crosses it an odd number of times. */
export function contains(outline: Outline, x: number, y: number): boolean {
  let inside = false;
  const { length } = outline;
  for (let at = 0, before = length - 2; at < length; before = at, at += 2) {
    const y0 = outline[before + 1]!;
    const y1 = outline[at + 1]!;
    if (y0 > y === y1 > y) continue;
    const x0 = outline[before]!;
    if (x < x0 + ((outline[at]! - x0) * (y - y0)) / (y1 - y0)) inside = !inside;
  }
  return inside;
}
