import Flatbush from 'flatbush';
import type { Outline } from './polygon';

/** Where two edges cross: the outlines and edges by their numbers, and the place. */
export interface Crossing {
  readonly outlines: readonly [number, number];
  readonly edges: readonly [number, number];
  readonly x: number;
  readonly y: number;
}

/** Twice the area of the triangle a, b, c: its sign tells on which side of ab the point c lies. */
const side = (ax: number, ay: number, bx: number, by: number, cx: number, cy: number): number =>
  (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);

/** Where edge a→b properly crosses edge c→d; nothing where they only touch. */
function crossingOf(
  [ax, ay, bx, by]: readonly [number, number, number, number],
  [cx, cy, dx, dy]: readonly [number, number, number, number],
): { readonly x: number; readonly y: number } | undefined {
  const c = side(ax, ay, bx, by, cx, cy);
  const d = side(ax, ay, bx, by, dx, dy);
  if (c * d >= 0) return undefined;
  const a = side(cx, cy, dx, dy, ax, ay);
  const b = side(cx, cy, dx, dy, bx, by);
  if (a * b >= 0) return undefined;
  const share = a / (a - b);
  return { x: ax + share * (bx - ax), y: ay + share * (by - ay) };
}

/** The edge of an outline that begins at its nth point, as x, y, x, y. */
export function edgeOf(outline: Outline, edge: number): [number, number, number, number] {
  const at = 2 * edge;
  const next = (at + 2) % outline.length;
  return [outline[at]!, outline[at + 1]!, outline[next]!, outline[next + 1]!];
}

/**
 * The first place where outlines cross themselves or each other; outlines that cross have no clear inside.
 * Edges are put into a spatial index, so that thousands of points take milliseconds.
 */
export function firstCrossing(outlines: readonly Outline[]): Crossing | undefined {
  const edges = outlines.flatMap((outline, which) =>
    Array.from({ length: outline.length / 2 }, (_, edge) => ({ which, edge })),
  );
  if (edges.length < 4) return undefined;
  const places = edges.map(({ which, edge }) => edgeOf(outlines[which] ?? [], edge));
  const index = new Flatbush(edges.length);
  for (const [ax, ay, bx, by] of places) {
    index.add(Math.min(ax, bx), Math.min(ay, by), Math.max(ax, bx), Math.max(ay, by));
  }
  index.finish();
  for (let first = 0; first < edges.length; first += 1) {
    const place = places[first]!;
    const [ax, ay, bx, by] = place;
    const near = index.search(
      Math.min(ax, bx),
      Math.min(ay, by),
      Math.max(ax, bx),
      Math.max(ay, by),
      (second) => second > first,
    );
    for (const second of near) {
      const found = crossingOf(place, places[second]!);
      if (found === undefined) continue;
      const [a, b] = [edges[first]!, edges[second]!];
      return { outlines: [a.which, b.which], edges: [a.edge, b.edge], ...found };
    }
  }
  return undefined;
}

/**
 * Whether the two edges at one point of an outline cross any other edge: what has to be looked at again while
 * that point is dragged.
 */
export function crossesAt(outlines: readonly Outline[], which: number, point: number): boolean {
  const own = outlines[which];
  if (own === undefined || own.length < 8) return false;
  const count = own.length / 2;
  const moved = [(point + count - 1) % count, point].map((edge) => edgeOf(own, edge));
  return outlines.some((outline) => {
    for (let edge = 0; edge < outline.length / 2; edge += 1) {
      const other = edgeOf(outline, edge);
      if (moved.some((each) => crossingOf(each, other) !== undefined)) return true;
    }
    return false;
  });
}
