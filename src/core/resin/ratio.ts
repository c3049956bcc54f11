import type { StatedRatio } from './resinSchema';

/** One mixing ratio told both ways. */
export interface MixRatio {
  /** Volume of A for one volume of B. */
  readonly volumeAPerB: number;
  /** Mass of A for one mass of B. */
  readonly massAPerB: number;
  /** The same as people read them: `a : 1` by volume and `100 : b` by weight. */
  readonly byVolume: { readonly a: number; readonly b: 1 };
  readonly byWeight: { readonly a: 100; readonly b: number };
  /** Mass of one volume of both parts together, taking volumes to add up. */
  readonly mixedDensityGPerMl: number;
}

/**
 * Turns the stated ratio into both: mass ratio = volume ratio × ρA/ρB.
 * @param stated by volume or by weight
 * @param densityAGPerMl of part A
 * @param densityBGPerMl of part B
 */
export function mixRatio(
  stated: StatedRatio,
  densityAGPerMl: number,
  densityBGPerMl: number,
): MixRatio {
  const aPerB = stated.a / stated.b;
  const densityRatio = densityAGPerMl / densityBGPerMl;
  const volumeAPerB = stated.by === 'volume' ? aPerB : aPerB / densityRatio;
  const massAPerB = stated.by === 'weight' ? aPerB : aPerB * densityRatio;
  return {
    volumeAPerB,
    massAPerB,
    byVolume: { a: volumeAPerB, b: 1 },
    byWeight: { a: 100, b: 100 / massAPerB },
    mixedDensityGPerMl: (volumeAPerB * densityAGPerMl + densityBGPerMl) / (volumeAPerB + 1),
  };
}
