import { InputError } from '../../problem';
import { quadraticSolid } from './quadraticSolid';
import type { Solid } from './solid';

/** A measure that changes evenly from floor to rim, mm: a diameter, or one side of a pyramid. */
interface Leaning {
  readonly floorMm: number;
  readonly rimMm: number;
}

/** How far across a wall of this thickness reaches, measured level, on both sides together. */
function wallAcrossMm({ floorMm, rimMm }: Leaning, depthMm: number, wallMm: number): number {
  const lean = Math.atan(Math.abs(rimMm - floorMm) / 2 / depthMm);
  return (2 * wallMm) / Math.cos(lean);
}

/**
 * A form with straight sides whose level cut is always of one kind: a frustum of a cone or a pyramid, or a
 * cone where one end is a point. Area(h) = factor · a(h) · b(h).
 *
 * @param across the two measures of the cut; the same twice for a round one
 * @param factor π/4 for round, 1 for rectangular
 * @param wallMm 0 for the form itself; else the hollow that a shell of this wall leaves
 * @throws InputError `wall-too-thick`
 */
export function leaningSolid(
  across: readonly [Leaning, Leaning],
  factor: number,
  depthMm: number,
  wallMm: number,
): Solid {
  const lines = across.map((each) => ({
    at0: each.floorMm - wallAcrossMm(each, depthMm, wallMm),
    perMm: (each.rimMm - each.floorMm) / depthMm,
  }));
  let fromMm = wallMm;
  let toMm = depthMm;
  for (const { at0, perMm } of lines) {
    const closesAtMm = -at0 / perMm;
    if (perMm > 0) fromMm = Math.max(fromMm, closesAtMm);
    else if (perMm < 0) toMm = Math.min(toMm, closesAtMm);
    else if (at0 <= 0) toMm = -Infinity;
  }
  if (toMm <= fromMm) throw new InputError('wall-too-thick', wallMm, {}, 'wall');
  const [a, b] = lines;
  if (a === undefined || b === undefined) throw new RangeError('two measures make a cut');
  const widthAt = (heightMm: number): number => Math.max(0, a.at0 + a.perMm * heightMm);
  return quadraticSolid(
    [
      factor * a.at0 * b.at0,
      factor * (a.at0 * b.perMm + b.at0 * a.perMm),
      factor * a.perMm * b.perMm,
    ],
    fromMm,
    toMm,
    [
      { heightMm: fromMm, widthMm: widthAt(fromMm) },
      { heightMm: toMm, widthMm: widthAt(toMm) },
    ],
  );
}
