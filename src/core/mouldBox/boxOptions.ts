import { packEnclose } from 'd3-hierarchy';
import { roundUpWhole } from '../quantity/round';
import type { Footprint, HullCorner } from './footprint';
import type { BoxKind } from './mouldBoxSchema';

/** The inside of a box as it is seen from above, and how the pieces stand in it; mm and degrees. */
export interface BoxPlan {
  readonly kind: BoxKind;
  /** Of a tube both are its diameter. */
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly areaMm2: number;
  /** Each piece turned so far from how it was measured, anticlockwise. */
  readonly turnDeg: number;
  readonly columns: number;
  readonly rows: number;
  /** The thinnest rubber beside a piece, and the height of the piece there; undefined where its size is not known. */
  readonly thinnestMm: number | undefined;
  readonly thinnestAtMm: number | undefined;
}

/** A piece in one of the ways it may be turned. */
interface Turned {
  readonly turnDeg: number;
  readonly lengthMm: number;
  readonly widthMm: number;
  /** Heights at which its length and its width are reached. */
  readonly lengthAtMm: number | undefined;
  readonly widthAtMm: number | undefined;
}

const usualUp = (needMm: number): number => roundUpWhole(needMm);

/** How far corners reach along a direction, and the height of the outermost. */
function spread(corners: readonly HullCorner[], x: number, y: number) {
  let [least, greatest] = [Infinity, -Infinity];
  let atMm: number | undefined;
  for (const [cornerX, cornerY, z] of corners) {
    const far = cornerX * x + cornerY * y;
    if (far < least) least = far;
    if (far > greatest) {
      greatest = far;
      atMm = z;
    }
  }
  return { mm: greatest - least, atMm };
}

/**
 * A piece turned every way in which a rectangle round it can be smallest: with a side of its outline along one of the box. Between two
 * such turns l″ = −l and b″ = −b, while l′ and b′ are no larger than b and l; so (l + 2w)(b + 2w) bends down, and has its least at an end.
 */
function turnings(footprint: Footprint): readonly Turned[] {
  if (footprint.kind === 'round') {
    const { diameterMm } = footprint;
    const common = { turnDeg: 0, lengthAtMm: undefined, widthAtMm: undefined };
    return [{ ...common, lengthMm: diameterMm, widthMm: diameterMm }];
  }
  const { corners } = footprint;
  const angles = corners.map(([x, y], at) => {
    const [toX, toY] = corners[(at + 1) % corners.length]!;
    return Math.atan2(toY - y, toX - x);
  });
  return [0, ...angles].map((angle): Turned => {
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
    const along = spread(corners, cos, sin);
    const across = spread(corners, -sin, cos);
    const degrees = ((-angle * 180) / Math.PI) % 180;
    const longer = along.mm >= across.mm;
    const [length, width] = longer ? [along, across] : [across, along];
    return {
      turnDeg: (((longer ? degrees : degrees + 90) % 180) + 180) % 180,
      lengthMm: length.mm,
      widthMm: width.mm,
      lengthAtMm: length.atMm,
      widthAtMm: width.atMm,
    };
  });
}

/** Columns and rows in which so many pieces stand: for each number of rows the fewest columns. */
function gridsOf(pieces: number): readonly (readonly [columns: number, rows: number])[] {
  const fewest = new Map<number, number>();
  for (let columns = pieces; columns >= 1; columns -= 1) {
    fewest.set(Math.ceil(pieces / columns), columns);
  }
  return [...fewest].map(([rows, columns]) => [columns, rows] as const);
}

const needMm = (sizeMm: number, count: number, wallMm: number): number =>
  count * sizeMm + (count + 1) * wallMm;

/**
 * The rectangle of least area that keeps the wall round every piece.
 * @param up to what a side can be had: the next millimetre, or the next step of a grid
 */
export function leastRectangle(
  kind: BoxKind,
  footprint: Footprint,
  pieces: number,
  wallMm: number,
  up: (needMm: number) => number = usualUp,
): BoxPlan {
  const ways = turnings(footprint).flatMap((turned) =>
    gridsOf(pieces).map(([columns, rows]) => {
      const lengthMm = up(needMm(turned.lengthMm, columns, wallMm));
      const widthMm = up(needMm(turned.widthMm, rows, wallMm));
      return standing(kind, turned, columns, rows, lengthMm, widthMm);
    }),
  );
  return ways.reduce((best, way) => (way.areaMm2 < best.areaMm2 - 1e-6 ? way : best));
}

function standing(
  kind: BoxKind,
  turned: Turned,
  columns: number,
  rows: number,
  lengthMm: number,
  widthMm: number,
): BoxPlan {
  const besideMm = (lengthMm - columns * turned.lengthMm) / (columns + 1);
  const acrossMm = (widthMm - rows * turned.widthMm) / (rows + 1);
  const isBeside = besideMm <= acrossMm;
  return {
    kind,
    lengthMm,
    widthMm,
    areaMm2: lengthMm * widthMm,
    turnDeg: turned.turnDeg,
    columns,
    rows,
    thinnestMm: isBeside ? besideMm : acrossMm,
    thinnestAtMm: isBeside ? turned.lengthAtMm : turned.widthAtMm,
  };
}

/** How pieces stand best in a box that is there: with the thickest thinnest wall. */
export function standingIn(
  footprint: Footprint,
  pieces: number,
  lengthMm: number,
  widthMm: number,
): BoxPlan {
  const ways = turnings(footprint).flatMap((turned) =>
    gridsOf(pieces).flatMap(([columns, rows]) => [
      standing('sizes', turned, columns, rows, lengthMm, widthMm),
      standing(
        'sizes',
        {
          ...turned,
          turnDeg: (turned.turnDeg + 90) % 180,
          lengthMm: turned.widthMm,
          widthMm: turned.lengthMm,
          lengthAtMm: turned.widthAtMm,
          widthAtMm: turned.lengthAtMm,
        },
        columns,
        rows,
        lengthMm,
        widthMm,
      ),
    ]),
  );
  const thinnest = ({ thinnestMm = 0 }: BoxPlan): number => thinnestMm;
  return ways.reduce((best, way) => (thinnest(way) > thinnest(best) + 1e-9 ? way : best));
}

/** The smallest circle round a piece: its radius, and the height at which it is touched. */
function circleRound(footprint: Footprint): {
  readonly radiusMm: number;
  readonly atMm: number | undefined;
} {
  if (footprint.kind === 'round') return { radiusMm: footprint.diameterMm / 2, atMm: undefined };
  const { corners } = footprint;
  const { x, y } = packEnclose(
    corners.map(([cornerX, cornerY]) => ({ x: cornerX, y: cornerY, r: 0 })),
  );
  // Measured anew from its middle, so that no corner is out of it by the rounding of the search.
  let [radiusMm, atMm]: [number, number | undefined] = [0, undefined];
  for (const [cornerX, cornerY, z] of corners) {
    const far = Math.hypot(cornerX - x, cornerY - y);
    if (far > radiusMm) [radiusMm, atMm] = [far, z];
  }
  return { radiusMm, atMm };
}

/** The inner diameter that a tube must have at least to keep the wall round a piece, mm. */
export const leastTubeMm = (footprint: Footprint, wallMm: number): number =>
  2 * (circleRound(footprint).radiusMm + wallMm);

/** A piece in a tube. */
export function inTube(footprint: Footprint, diameterMm: number): BoxPlan {
  const { radiusMm, atMm } = circleRound(footprint);
  return {
    kind: 'tube',
    lengthMm: diameterMm,
    widthMm: diameterMm,
    areaMm2: (Math.PI * diameterMm ** 2) / 4,
    turnDeg: 0,
    columns: 1,
    rows: 1,
    thinnestMm: diameterMm / 2 - radiusMm,
    thinnestAtMm: atMm,
  };
}
