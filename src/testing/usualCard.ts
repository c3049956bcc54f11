import { heatConstantsOf, type HeatFamily } from '../core/resin/families';

/** A card with the usual label of a family, and what else a test wants on it. */
export function usualCard(family: HeatFamily, change: object = {}) {
  const { potLifeMin, massG, temperatureC, depthMm } = heatConstantsOf(family).label;
  return {
    name: family,
    family,
    ratio: { by: 'volume', a: 2, b: 1 },
    densityA: '1.13 g/ml',
    densityB: '0.98 g/ml',
    potLife: { time: `${potLifeMin} min`, mass: `${massG} g`, temperature: `${temperatureC} °C` },
    ...(depthMm === undefined ? {} : { depth: { greatest: `${depthMm} mm` } }),
    ...change,
  };
}
