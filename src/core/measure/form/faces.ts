import { slabAreaMm2 } from './slab';
import type { Solid } from './solid';

/** Faces of a form that resin may cover; the level face at a height is told by the form itself. */
export interface Faces {
  /** Level or not: what lies under everything, mm². */
  readonly floorMm2: number;
  /**
   * Area of the walls; left out where only level faces are known, as of a mould that keeps its level areas.
   * @param upToMm height over the floor; from the rim on all of them
   * @returns mm²
   */
  readonly sidesMm2?: ((upToMm: number) => number) | undefined;
}

/** Nothing under the floor, and no more than there is over the rim. */
const kept = (heightMm: number, depthMm: number): number =>
  Math.min(Math.max(heightMm, 0), depthMm);

/** Walls that stand upright: perimeter × height. */
export const uprightFaces = (floorMm2: number, perimeterMm: number, depthMm: number): Faces => ({
  floorMm2,
  sidesMm2: (upToMm) => perimeterMm * kept(upToMm, depthMm),
});

/**
 * Walls that all lean by one angle: seen from above they cover what the level area grows by, so that
 * S(h) = (A(h) − A(0)) / sin α. Exact for whatever the plan is.
 * @param leanRad from upright, outwards above 0; not 0
 */
export function leaningFaces(solid: Solid, floorMm2: number, leanRad: number): Faces {
  const depthMm = solid.depthMm ?? 0;
  return {
    floorMm2,
    sidesMm2: (upToMm) => {
      const heightMm = kept(upToMm, depthMm);
      return heightMm === 0 ? 0 : (solid.areaAtMm2(heightMm) - floorMm2) / Math.sin(leanRad);
    },
  };
}

/** One measure of a pyramid's level cut. */
interface Leaning {
  readonly floorMm: number;
  readonly rimMm: number;
}

/**
 * The four walls of a frustum of a pyramid: trapezoids, each pair with its own slant.
 * S(h) = ∫ 2b(t)/cos α + 2a(t)/cos β dt, with a and b straight in t.
 */
export function pyramidFaces(a: Leaning, b: Leaning, depthMm: number): Faces {
  const slant = ({ floorMm, rimMm }: Leaning): number =>
    Math.hypot(1, (rimMm - floorMm) / 2 / depthMm);
  const run = ({ floorMm, rimMm }: Leaning, heightMm: number): number =>
    heightMm * (floorMm + ((rimMm - floorMm) / depthMm / 2) * heightMm);
  return {
    floorMm2: a.floorMm * b.floorMm,
    sidesMm2: (upToMm) => {
      const heightMm = kept(upToMm, depthMm);
      return 2 * (run(b, heightMm) * slant(a) + run(a, heightMm) * slant(b));
    },
  };
}

/** A zone of a sphere from its pole up: 2πRh (Archimedes). It has no floor. */
export const sphericalFaces = (radiusMm: number, depthMm: number): Faces => ({
  floorMm2: 0,
  sidesMm2: (upToMm) => 2 * Math.PI * radiusMm * kept(upToMm, depthMm),
});

/** The floor of a form of which only its level areas are known: the lowest of them. */
export const levelFaces = (solid: Solid): Faces | undefined =>
  solid.slabs[0] === undefined ? undefined : { floorMm2: slabAreaMm2(solid.slabs[0], 0) };
