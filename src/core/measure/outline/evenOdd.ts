import { InputError } from '../../problem';
import { firstCrossing } from './crossings';
import { contains, boundsOf, perimeter, signedArea, type Outline } from './polygon';

/** Outlines sorted out: what is material, what is an island in it, and the area that is left. */
export interface EvenOdd {
  readonly area: number;
  readonly perimeter: number;
  /** For each outline, in how many others it lies: even ones count, odd ones are taken out. */
  readonly depths: readonly number[];
  /** Extent across and along. */
  readonly width: number;
  readonly height: number;
}

/**
 * The area inside closed outlines by the even–odd rule: an outline within another is an island, one within an
 * island is filled again.
 * @param outlines at least one, of three points or more
 * @throws InputError `outlines-cross` (with the place), `outline-too-short`, `outline-empty` (no area)
 */
export function evenOddArea(outlines: readonly Outline[]): EvenOdd {
  if (outlines.length === 0) throw new InputError('no-outlines', undefined);
  for (const outline of outlines) {
    if (outline.length < 6) throw new InputError('outline-too-short', outline.length / 2);
  }
  const crossing = firstCrossing(outlines);
  if (crossing !== undefined) {
    const { x, y, outlines: pair } = crossing;
    const self = pair[0] === pair[1];
    throw new InputError('outlines-cross', undefined, { x, y, self, outline: pair[0] + 1 });
  }
  const depths = outlines.map((outline, which) => {
    // Outlines do not cross, so all of one lies where its first edge's middle lies.
    const x = (outline[0]! + outline[2]!) / 2;
    const y = (outline[1]! + outline[3]!) / 2;
    return outlines.filter((other, index) => index !== which && contains(other, x, y)).length;
  });
  const area = outlines.reduce(
    (sum, outline, which) =>
      sum + (depths[which]! % 2 === 0 ? 1 : -1) * Math.abs(signedArea(outline)),
    0,
  );
  const { minX, minY, maxX, maxY } = boundsOf(outlines);
  if (!(area > 0)) throw new InputError('outline-empty', undefined);
  return {
    area,
    perimeter: outlines.reduce((sum, outline) => sum + perimeter(outline), 0),
    depths,
    width: maxX - minX,
    height: maxY - minY,
  };
}
