/** How fast air goes out of a bubble into resin, m²/s, and how much of it resin takes up, by volume. Assumed; general for liquids. */
const diffusivityM2PerS = 5e-11;
const solubility = 0.05;

/** A pressure over the air outside. */
export interface Pressed {
  readonly gaugeKPa: number;
  readonly airKPa: number;
}

/** What is left of a bubble's volume: p₀/(p₀ + p), Boyle. */
export const volumeRatio = ({ gaugeKPa, airKPa }: Pressed): number => airKPa / (airKPa + gaugeKPa);

/** What is left of its diameter. */
export const diameterRatio = (pressed: Pressed): number => Math.cbrt(volumeRatio(pressed));

/** How much more gas resin under pressure takes up than it holds from the air, as a share of what it could hold. */
const undersaturation = (pressed: Pressed): number => 1 - volumeRatio(pressed);

/**
 * How long a bubble takes to dissolve: R²/(2 D B f), R its radius under pressure, D and B those of air in resin, f how far the resin
 * is from holding all that it could (Epstein and Plesset without their boundary layer).
 * @param diameterMm before the pressure is on
 * @returns s
 */
export function dissolvesS(diameterMm: number, pressed: Pressed): number {
  const radiusM = (diameterMm / 2000) * diameterRatio(pressed);
  return radiusM ** 2 / (2 * diffusivityM2PerS * solubility * undersaturation(pressed));
}

/** The largest bubble that dissolves in so long, mm before the pressure is on. */
export const dissolvedByMm = (timeS: number, pressed: Pressed): number =>
  (2000 * Math.sqrt(2 * diffusivityM2PerS * solubility * undersaturation(pressed) * timeS)) /
  diameterRatio(pressed);
