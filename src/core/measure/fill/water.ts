/**
 * Density of air-free water at one atmosphere, g/ml.
 * Source: Tanaka et al., Metrologia 38 (2001) 301, equation 1; right to 1e-6 g/ml from 0 to 40 °C and to
 * 1e-4 up to 60 °C, which is finer than any scale at a bench.
 */
export function waterDensityGPerMl(temperatureC: number): number {
  const nearest = (temperatureC - 3.983035) ** 2;
  const squared = nearest * (temperatureC + 301.797);
  return 0.99997495 * (1 - squared / (522528.9 * (temperatureC + 69.34881)));
}
