import type { Solid } from '../solid';

/**
 * A round cup or bowl with straight sides, wider or narrower at the top.
 * V(h) = πh/12 · (d₀² + d₀d(h) + d(h)²), d(h) = d₀ + (d₁ − d₀)h/H: the prismoidal rule for a cone frustum.
 * @param bottomDiameterMm d₀
 * @param topDiameterMm d₁
 * @param depthMm H
 */
export function frustum(bottomDiameterMm: number, topDiameterMm: number, depthMm: number): Solid {
  const diameterAt = (heightMm: number): number =>
    bottomDiameterMm + ((topDiameterMm - bottomDiameterMm) * heightMm) / depthMm;
  const volumeBelowMl = (heightMm: number): number => {
    const diameterMm = diameterAt(heightMm);
    const sumMm2 = bottomDiameterMm ** 2 + bottomDiameterMm * diameterMm + diameterMm ** 2;
    return (Math.PI * heightMm * sumMm2) / 12 / 1000;
  };
  return {
    volumeMl: volumeBelowMl(depthMm),
    depthMm,
    outline: [
      { heightMm: 0, widthMm: bottomDiameterMm },
      { heightMm: depthMm, widthMm: topDiameterMm },
    ],
    volumeBelowMl,
  };
}
