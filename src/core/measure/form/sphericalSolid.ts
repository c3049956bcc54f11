import { InputError } from '../../problem';
import { quadraticSolid } from './quadraticSolid';
import type { Solid } from './solid';

const outlineSteps = 24;

/**
 * The lowest part of a sphere standing on its pole: a cap, a hemisphere, or all of it.
 * Area(h) = π(r² − (h − R)²), with r = R, or R less the wall for the hollow of a shell.
 *
 * @param radiusMm R
 * @param depthMm how far up it is filled, 2R at the most
 * @param wallMm 0 for the form itself; else the hollow that a shell of this wall leaves
 * @throws InputError `wall-too-thick`
 */
export function sphericalSolid(radiusMm: number, depthMm: number, wallMm: number): Solid {
  const innerMm = radiusMm - wallMm;
  const toMm = Math.min(depthMm, radiusMm + innerMm);
  if (innerMm <= 0 || toMm <= wallMm) {
    throw new InputError(
      'wall-too-thick',
      wallMm,
      { greatestMm: Math.min(radiusMm, depthMm) },
      'wall',
    );
  }
  const halfWidthAt = (heightMm: number): number =>
    Math.sqrt(Math.max(0, innerMm ** 2 - (heightMm - radiusMm) ** 2));
  const outline = Array.from({ length: outlineSteps + 1 }, (_, step) => {
    // Closer together near the pole, where the wall turns fastest.
    const heightMm =
      wallMm + (toMm - wallMm) * (1 - Math.cos((step / outlineSteps) * (Math.PI / 2)));
    return { heightMm, widthMm: 2 * halfWidthAt(heightMm) };
  });
  return quadraticSolid(
    [Math.PI * (innerMm ** 2 - radiusMm ** 2), 2 * Math.PI * radiusMm, -Math.PI],
    wallMm,
    toMm,
    outline,
  );
}
