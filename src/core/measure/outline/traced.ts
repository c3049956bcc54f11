import { InputError } from '../../problem';
import { rootSumSquare } from '../doubt';
import { evenOddArea, type EvenOdd } from './evenOdd';
import {
  mapPoint,
  photoToRectangle,
  scaleByLength,
  type Homography,
  type Point,
} from './homography';
import { perimeter, type Outline } from './polygon';

/** How a picture or a grid gets its scale. */
export type TraceScale =
  | { readonly by: 'length'; readonly ends: readonly number[]; readonly lengthMm: number }
  | {
      readonly by: 'rectangle';
      /** Four corners in order round it, x, y each; the first side is its width. */
      readonly corners: readonly number[];
      readonly widthMm: number;
      readonly heightMm: number;
    }
  | { readonly by: 'grid'; readonly squareMm: number };

/** How close a finger or a pointer sets a point, in px of the picture or in squares of the grid. */
const tapPx = 1;
export const tapSquares = 0.05;

/** A traced area in mm² with its doubt. */
export interface TracedArea extends EvenOdd {
  readonly outlinesMm: readonly Outline[];
  readonly plusMinusMm2: number;
  /** mm per px (or per square) along the outlines, on average. */
  readonly mmPerPx: number;
  /** The two sources of doubt, mm². */
  readonly fromTapsMm2: number;
  readonly fromScaleMm2: number;
}

const pointAt = (numbers: readonly number[], index: number): Point => ({
  x: numbers[2 * index] ?? 0,
  y: numbers[2 * index + 1] ?? 0,
});

const distance = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);

/** The map from picture px (or grid squares) to mm. */
export function traceMap(scale: TraceScale): Homography {
  switch (scale.by) {
    case 'length':
      return scaleByLength(pointAt(scale.ends, 0), pointAt(scale.ends, 1), scale.lengthMm);
    case 'rectangle':
      return photoToRectangle(
        [0, 1, 2, 3].map((corner) => pointAt(scale.corners, corner)) as unknown as readonly [
          Point,
          Point,
          Point,
          Point,
        ],
        scale.widthMm,
        scale.heightMm,
      );
    case 'grid':
      return [scale.squareMm, 0, 0, 0, scale.squareMm, 0, 0, 0];
  }
}

/** The share by which areas may be off because the known length or rectangle is. */
function scaleShare(scale: TraceScale, stepMm: number): number {
  const side = (from: Point, to: Point, mm: number): number =>
    Math.hypot((Math.SQRT2 * tapPx) / distance(from, to), stepMm / 2 / mm);
  switch (scale.by) {
    case 'length':
      // One length scales both ways of the area.
      return 2 * side(pointAt(scale.ends, 0), pointAt(scale.ends, 1), scale.lengthMm);
    case 'rectangle': {
      const [a, b, c] = [0, 1, 2].map((corner) => pointAt(scale.corners, corner)) as [
        Point,
        Point,
        Point,
      ];
      return Math.hypot(side(a, b, scale.widthMm), side(b, c, scale.heightMm));
    }
    case 'grid':
      return 0;
  }
}

/** Outlines taken from the picture into mm. */
function mapped(outline: Outline, map: Homography, sign: number, which: number): Outline {
  const [, , , , , , g, h] = map;
  const placed: number[] = [];
  for (let at = 0; at < outline.length; at += 2) {
    const point = { x: outline[at]!, y: outline[at + 1]! };
    // A point beyond the horizon of the rectangle's plane has no place on it.
    if ((g * point.x + h * point.y + 1) * sign <= 0) {
      throw new InputError('beyond-horizon', undefined, { outline: which + 1 });
    }
    const { x, y } = mapPoint(map, point);
    placed.push(x, y);
  }
  return placed;
}

/**
 * The area inside outlines that were traced on a photo or a grid.
 *
 * Doubt: every point may lie one px (or a twentieth of a square) off, all of them outwards or inwards at worst:
 * perimeter × size of a px; and the scale may be off by its ends' px and by what its tape is read to.
 *
 * @param outlines in px of the picture or squares of the grid; islands lie within others
 * @param stepMm what the tape is read to
 * @throws InputError `scale-without-length`, `corners-not-convex`, `beyond-horizon`, and those of `evenOddArea`
 */
export function tracedArea(
  outlines: readonly Outline[],
  scale: TraceScale,
  stepMm: number,
): TracedArea {
  const map = traceMap(scale);
  const first = scale.by === 'rectangle' ? pointAt(scale.corners, 0) : { x: 0, y: 0 };
  const sign = Math.sign(map[6] * first.x + map[7] * first.y + 1);
  const outlinesMm = outlines.map((outline, which) => mapped(outline, map, sign, which));
  const sorted = evenOddArea(outlinesMm);
  const perimeterPx = outlines.reduce((sum, outline) => sum + perimeter(outline), 0);
  const mmPerPx = sorted.perimeter / perimeterPx;
  const tap = scale.by === 'grid' ? tapSquares : tapPx;
  const fromTapsMm2 = sorted.perimeter * mmPerPx * tap;
  const fromScaleMm2 = sorted.area * scaleShare(scale, stepMm);
  return {
    ...sorted,
    outlinesMm,
    mmPerPx,
    fromTapsMm2,
    fromScaleMm2,
    plusMinusMm2: rootSumSquare([fromTapsMm2, fromScaleMm2]),
  };
}
