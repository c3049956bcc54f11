import type { Trace } from '../../core/measure/outline/traceEdit';
import type { View } from './useView';

const place = (points: readonly number[], at: number, { scale, x, y }: View): string =>
  `${((points[at] ?? 0) * scale + x).toFixed(1)} ${((points[at + 1] ?? 0) * scale + y).toFixed(1)}`;

/** Points nearer than this to the one before are not drawn: nobody sees them, and thousands of them take time. */
const finestDp = 0.7;

/** An outline on the screen. */
export function closedPath(points: readonly number[], view: View, closed: boolean): string {
  if (points.length < 4) return '';
  const finest = finestDp / view.scale;
  const last = points.length - 2;
  let path = `M${place(points, 0, view)}`;
  let drawn = 0;
  for (let at = 2; at <= last; at += 2) {
    const across = points[at]! - points[drawn]!;
    const along = points[at + 1]! - points[drawn + 1]!;
    if (at !== last && Math.abs(across) < finest && Math.abs(along) < finest) continue;
    path += `L${place(points, at, view)}`;
    drawn = at;
  }
  return closed ? `${path}Z` : path;
}

const markDp = 12;

/** A cross at each point. */
export function crossPath(points: readonly number[], view: View): string {
  let path = '';
  for (let at = 0; at < points.length; at += 2) {
    path += `M${place(points, at, view)}m${-markDp} 0h${2 * markDp}m${-markDp} ${-markDp}v${2 * markDp}`;
  }
  return path;
}

const handleDp = 5;
/** More handles than this in sight are a band that no finger could take hold of. */
const mostHandles = 400;

/** A small square for each point in sight, and a larger one for the point in hand. */
export function handlesPath(
  { outlines, selected }: Trace,
  view: View,
  room: { readonly width: number; readonly height: number },
): { readonly points: string; readonly selected: string } {
  const square = (points: readonly number[], at: number, half: number): string =>
    `M${place(points, at, view)}m${-half} ${-half}h${2 * half}v${2 * half}h${-2 * half}Z`;
  const seen: string[] = [];
  for (const points of outlines) {
    for (let at = 0; at < points.length; at += 2) {
      const x = (points[at] ?? 0) * view.scale + view.x;
      const y = (points[at + 1] ?? 0) * view.scale + view.y;
      if (x >= 0 && x <= room.width && y >= 0 && y <= room.height) {
        seen.push(square(points, at, handleDp));
      }
    }
  }
  const held = selected && outlines[selected.outline];
  return {
    points: seen.length > mostHandles ? '' : seen.join(''),
    selected:
      held === undefined || selected === undefined
        ? ''
        : square(held, 2 * selected.point, handleDp + 3),
  };
}

/** The lines of a grid of unit squares. */
export function gridPath(
  { width, height }: { readonly width: number; readonly height: number },
  { scale, x, y }: View,
): string {
  const columns = Array.from(
    { length: width + 1 },
    (_, column) =>
      `M${(column * scale + x).toFixed(1)} ${y.toFixed(1)}v${(height * scale).toFixed(1)}`,
  );
  const rows = Array.from(
    { length: height + 1 },
    (_, row) => `M${x.toFixed(1)} ${(row * scale + y).toFixed(1)}h${(width * scale).toFixed(1)}`,
  );
  return [...columns, ...rows].join('');
}
