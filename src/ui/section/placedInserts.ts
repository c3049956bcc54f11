import type { WidthAtHeight } from '../../core/measure/form/solid';
import type { MeasuredInsert } from '../../core/measure/inserts/placeInserts';
import { halfWidthAt, widestMm } from './outlines';

/** More than this many of one insert are not drawn. */
const mostDrawn = 5;

/** An insert and where its middle is drawn, from the middle of the cavity. */
export interface PlacedInsert {
  readonly key: string;
  readonly insert: MeasuredInsert;
  readonly middleMm: number;
}

/** The widest ring in which all the others find room: they are drawn in the middle of it. */
function allNest(widths: readonly number[], holes: readonly number[]): boolean {
  return holes.some((hole, ring) => widths.every((width, at) => at === ring || width < hole));
}

/**
 * Where inserts are drawn: nobody has said where they stand across, so side by side with even gaps where they
 * find room, one within the other where a ring goes round the rest, and in the middle otherwise.
 * @param outline of the cavity
 */
export function placedInserts(
  inserts: readonly MeasuredInsert[],
  outline: readonly WidthAtHeight[],
): readonly PlacedInsert[] {
  const each = inserts.flatMap((insert, index) =>
    Array.from({ length: Math.min(insert.count, mostDrawn) }, (_, copy) => ({
      key: `${index}/${copy}`,
      insert,
    })),
  );
  const widths = each.map(({ insert }) => widestMm(insert.outline));
  const holes = each.map(({ insert }) =>
    Math.max(0, ...insert.outline.map(({ holeMm = 0 }) => holeMm)),
  );
  const roomMm = Math.min(
    widestMm(outline),
    ...inserts.map(({ heightMm }) => 2 * halfWidthAt(outline, heightMm)),
  );
  const gapMm = (roomMm - widths.reduce((sum, width) => sum + width, 0)) / (each.length + 1);
  if (gapMm < 0 || allNest(widths, holes)) return each.map((one) => ({ ...one, middleMm: 0 }));
  let leftMm = -roomMm / 2;
  return each.map((one, index) => {
    const widthMm = widths[index] ?? 0;
    const middleMm = leftMm + gapMm + widthMm / 2;
    leftMm += gapMm + widthMm;
    return { ...one, middleMm };
  });
}

/** The cut through an insert where it stands; a ring is cut twice. */
export function insertPath(
  { outline, heightMm }: MeasuredInsert,
  place: { readonly x: (acrossMm: number) => number; readonly y: (heightMm: number) => number },
): string {
  const line = (acrossOf: (point: WidthAtHeight) => number): string[] =>
    outline.map((point) => `${place.x(acrossOf(point))} ${place.y(heightMm + point.heightMm)}`);
  const between = (left: readonly string[], right: readonly string[]): string =>
    `M${left.join('L')}L${right.toReversed().join('L')}Z`;
  const outer = (sign: 1 | -1): string[] => line(({ widthMm }) => (sign * widthMm) / 2);
  if (outline.every(({ holeMm }) => holeMm === undefined)) return between(outer(-1), outer(1));
  const inner = (sign: 1 | -1): string[] => line(({ holeMm = 0 }) => (sign * holeMm) / 2);
  return between(outer(-1), inner(-1)) + between(inner(1), outer(1));
}
