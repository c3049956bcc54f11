import type { Solid } from '../solid';

/**
 * A cavity with the same plan at every height: V = area × depth, V(h) = area × h.
 * @param areaMm2 plan area
 * @param widthMm width of the cut that is drawn
 * @param depthMm from floor to rim
 */
export function prism(areaMm2: number, widthMm: number, depthMm: number): Solid {
  return {
    volumeMl: (areaMm2 * depthMm) / 1000,
    depthMm,
    outline: [
      { heightMm: 0, widthMm },
      { heightMm: depthMm, widthMm },
    ],
    volumeBelowMl: (heightMm) => (areaMm2 * heightMm) / 1000,
  };
}
