import type { Solid } from './solid';
import { solidOfSlabs } from './solidOfSlabs';

/**
 * A cavity with the same plan at every height: V = area × depth, V(h) = area × h.
 * @param areaMm2 plan area
 * @param widthMm width of the cut that is drawn
 * @param depthMm from floor to rim
 */
export function prism(areaMm2: number, widthMm: number, depthMm: number): Solid {
  return solidOfSlabs(
    [{ fromMm: 0, toMm: depthMm, areaMm2: [areaMm2, 0, 0] }],
    [
      { heightMm: 0, widthMm },
      { heightMm: depthMm, widthMm },
    ],
  );
}

/** A solid of which only the volume is known; a depth, where given, is taken with straight sides. */
export function solidOfVolume(volumeMl: number, depthMm: number | undefined): Solid {
  if (depthMm !== undefined) {
    const areaMm2 = (volumeMl * 1000) / depthMm;
    return prism(areaMm2, Math.sqrt(areaMm2), depthMm);
  }
  return {
    volumeMl,
    depthMm: undefined,
    outline: [],
    slabs: [],
    volumeBelowMl: () => volumeMl,
    areaAtMm2: () => 0,
  };
}
