import { hullOf } from '../measure/flat/hull';
import type { Measured } from '../measure/measured';
import type { Part, PartShape } from '../measure/parts/partSchema';
import { isPlainShape } from '../measure/shapes/shapeRules';
import { readQuantity } from '../quantity/readQuantity';
import { lengthRule } from '../quantity/rules';

/** A corner of the outline round a piece, and at what height of the piece it reaches so far; mm. */
export type HullCorner = readonly [x: number, y: number, z: number | undefined];

/** A piece as it is seen from above: round, or by the smallest convex outline round it. */
export type Footprint =
  | { readonly kind: 'round'; readonly diameterMm: number }
  | { readonly kind: 'outline'; readonly corners: readonly HullCorner[] };

const lengthOf = (typed: string): number => readQuantity(typed, lengthRule).value;

const round = (diameterMm: number): Footprint => ({ kind: 'round', diameterMm });

/** A rectangle about the middle. */
export function rectangle(lengthMm: number, widthMm: number): Footprint {
  const [x, y] = [lengthMm / 2, widthMm / 2];
  return {
    kind: 'outline',
    corners: [
      [x, y, undefined],
      [-x, y, undefined],
      [-x, -y, undefined],
      [x, -y, undefined],
    ],
  };
}

/** Corners of an ellipse's outline: close enough that what lies between them is a hair. */
const ellipseCorners = 180;

function ellipse(lengthMm: number, widthMm: number): Footprint {
  // On a slightly larger one, so that the chords between corners touch the ellipse.
  const wider = 1 / Math.cos(Math.PI / ellipseCorners) / 2;
  return {
    kind: 'outline',
    corners: Array.from({ length: ellipseCorners }, (_, at): HullCorner => {
      const angle = (2 * Math.PI * at) / ellipseCorners;
      return [lengthMm * wider * Math.cos(angle), widthMm * wider * Math.sin(angle), undefined];
    }),
  };
}

function regular(sides: number, acrossFlatsMm: number): Footprint {
  const radius = acrossFlatsMm / 2 / Math.cos(Math.PI / sides);
  return {
    kind: 'outline',
    corners: Array.from({ length: sides }, (_, at): HullCorner => {
      const angle = (2 * Math.PI * at) / sides;
      return [radius * Math.cos(angle), radius * Math.sin(angle), undefined];
    }),
  };
}

/** A triangle with side a along x: by the law of cosines. */
function triangle(aMm: number, bMm: number, cMm: number): Footprint {
  const x = (aMm ** 2 + cMm ** 2 - bMm ** 2) / (2 * aMm);
  const y = Math.sqrt(Math.max(0, cMm ** 2 - x ** 2));
  return {
    kind: 'outline',
    corners: [
      [0, 0, undefined],
      [aMm, 0, undefined],
      [x, y, undefined],
    ],
  };
}

/** Outlines in a list of x and y. */
function ofOutlines(outlines: readonly (readonly number[])[]): Footprint {
  const points = outlines.flatMap((flat) =>
    Array.from({ length: flat.length / 2 }, (_, at): HullCorner => [
      flat[2 * at]!,
      flat[2 * at + 1]!,
      undefined,
    ]),
  );
  return { kind: 'outline', corners: hullOf(points) };
}

/**
 * How far a piece reaches as it is seen from above.
 * @param measured the same part, measured
 * @returns undefined where only its volume is known
 */
export function footprintOf(part: Part, measured: Measured): Footprint | undefined {
  const { detail } = measured;
  switch (part.shape) {
    case 'cylinder':
    case 'cone':
    case 'spherical-cap':
    case 'hemisphere':
    case 'sphere':
      return round(lengthOf(part.diameter));
    case 'ring':
      return round(lengthOf(part.outerDiameter));
    case 'frustum':
      return round(Math.max(lengthOf(part.bottomDiameter), lengthOf(part.topDiameter)));
    case 'box':
    case 'rounded-rectangle':
      return rectangle(lengthOf(part.length), lengthOf(part.width));
    case 'pyramid':
      return rectangle(
        Math.max(lengthOf(part.bottomLength), lengthOf(part.topLength)),
        Math.max(lengthOf(part.bottomWidth), lengthOf(part.topWidth)),
      );
    case 'ellipse':
      return ellipse(lengthOf(part.length), lengthOf(part.width));
    case 'polygon':
      return regular(part.sides, lengthOf(part.acrossFlats));
    case 'triangle':
      return triangle(lengthOf(part.sideA), lengthOf(part.sideB), lengthOf(part.sideC));
    case 'traced':
    case 'drawing':
      return detail?.kind === 'outline' ? ofOutlines(detail.outlinesMm) : undefined;
    case 'mesh': {
      const { standing, sizeMm = [] } = part.measured ?? {};
      if (standing === undefined) return rectangle(sizeMm[0] ?? 0, sizeMm[1] ?? 0);
      const { hullMm } = standing;
      return {
        kind: 'outline',
        corners: Array.from({ length: hullMm.length / 3 }, (_, at): HullCorner => [
          hullMm[3 * at]!,
          hullMm[3 * at + 1]!,
          hullMm[3 * at + 2]!,
        ]),
      };
    }
    default:
      return undefined;
  }
}

/** Whether a part of a shape has an outline that a box can be put round. */
export const hasOutline = (shape: PartShape): boolean =>
  isPlainShape(shape) || shape === 'traced' || shape === 'drawing' || shape === 'mesh';
