import { contains } from './polygon';

/** Outlines while they are being traced, in px of the picture or squares of the grid; a change makes a new one. */
export interface Trace {
  /** x, y of each point in turn. */
  readonly outlines: readonly (readonly number[])[];
  /** The outline that taps add to; none where the next tap begins a new one. */
  readonly open: number | undefined;
  /** The point that was touched last. */
  readonly selected: PointPlace | undefined;
}

/** A point by its outline and its number, both from 0. */
export interface PointPlace {
  readonly outline: number;
  readonly point: number;
}

export const emptyTrace: Trace = { outlines: [], open: undefined, selected: undefined };

const withOutline = (
  { outlines }: Trace,
  index: number,
  points: readonly number[],
): readonly (readonly number[])[] => outlines.map((each, at) => (at === index ? points : each));

/** Adds a point to the end of the open outline, or begins a new outline with it. */
export function addPoint(trace: Trace, x: number, y: number): Trace {
  const { outlines, open } = trace;
  const points = open === undefined ? undefined : outlines[open];
  if (open === undefined || points === undefined) {
    const outline = outlines.length;
    return { outlines: [...outlines, [x, y]], open: outline, selected: { outline, point: 0 } };
  }
  return {
    outlines: withOutline(trace, open, [...points, x, y]),
    open,
    selected: { outline: open, point: points.length / 2 },
  };
}

/** Puts a point into the edge that begins at a point. */
export function insertPoint(
  trace: Trace,
  { outline, point }: PointPlace,
  x: number,
  y: number,
): Trace {
  const points = trace.outlines[outline];
  if (points === undefined) return trace;
  const at = 2 * (point + 1);
  return {
    ...trace,
    outlines: withOutline(trace, outline, [...points.slice(0, at), x, y, ...points.slice(at)]),
    selected: { outline, point: point + 1 },
  };
}

export function movePoint(
  trace: Trace,
  { outline, point }: PointPlace,
  x: number,
  y: number,
): Trace {
  const points = trace.outlines[outline];
  if (points === undefined) return trace;
  const moved = points.slice();
  moved[2 * point] = x;
  moved[2 * point + 1] = y;
  return { ...trace, outlines: withOutline(trace, outline, moved), selected: { outline, point } };
}

/** Takes a point away; an outline without points goes with its last one. */
export function deletePoint(trace: Trace, { outline, point }: PointPlace): Trace {
  const points = trace.outlines[outline];
  if (points === undefined) return trace;
  const left = [...points.slice(0, 2 * point), ...points.slice(2 * point + 2)];
  if (left.length === 0) return deleteOutline(trace, outline);
  const before = Math.max(0, point - 1);
  return {
    ...trace,
    outlines: withOutline(trace, outline, left),
    selected: { outline, point: before },
  };
}

export function deleteOutline(trace: Trace, outline: number): Trace {
  const { open } = trace;
  return {
    outlines: trace.outlines.filter((_, index) => index !== outline),
    open: open === undefined || open === outline ? undefined : open > outline ? open - 1 : open,
    selected: undefined,
  };
}

/** Ends the open outline: the next tap begins another. */
export const closeOutline = (trace: Trace): Trace => ({ ...trace, open: undefined });

/** The point nearest to a place, if one is within reach. */
export function pointNear(
  { outlines }: Trace,
  x: number,
  y: number,
  reach: number,
): PointPlace | undefined {
  let nearest: PointPlace | undefined;
  let least = reach ** 2;
  outlines.forEach((points, outline) => {
    for (let at = 0; at < points.length; at += 2) {
      const apart = (points[at]! - x) ** 2 + (points[at + 1]! - y) ** 2;
      if (apart <= least) {
        least = apart;
        nearest = { outline, point: at / 2 };
      }
    }
  });
  return nearest;
}

/** The edge nearest to a place, if one is within reach; an outline that is still open has no closing edge yet. */
export function edgeNear(
  { outlines, open }: Trace,
  x: number,
  y: number,
  reach: number,
): PointPlace | undefined {
  let nearest: PointPlace | undefined;
  let least = reach ** 2;
  outlines.forEach((points, outline) => {
    const count = points.length / 2;
    const edges = outline === open ? count - 1 : count;
    for (let point = 0; point < edges; point += 1) {
      const [ax, ay] = [points[2 * point]!, points[2 * point + 1]!];
      const next = (point + 1) % count;
      const [ux, uy] = [points[2 * next]! - ax, points[2 * next + 1]! - ay];
      const along = ux * ux + uy * uy;
      const share =
        along === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * ux + (y - ay) * uy) / along));
      const apart = (ax + share * ux - x) ** 2 + (ay + share * uy - y) ** 2;
      if (apart <= least) {
        least = apart;
        nearest = { outline, point };
      }
    }
  });
  return nearest;
}

/** Whether an outline lies in an odd number of others, by its first point: then it is an island. */
export function isIsland(outlines: readonly (readonly number[])[], outline: number): boolean {
  const [x, y] = outlines[outline] ?? [];
  if (x === undefined || y === undefined) return false;
  const around = outlines.filter(
    (points, index) => index !== outline && points.length >= 6 && contains(points, x, y),
  );
  return around.length % 2 === 1;
}
