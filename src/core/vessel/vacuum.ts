import { zeroCelsiusK } from '../thermal/curing';

/**
 * How many times its volume a mix with some air in it takes, if the air stays in it: 1 + a (p₀/p − 1). Foam stands higher for a
 * while: three to five times is usual, and a pot is filled to a third.
 * @param airShare of its volume
 */
export const risesTimes = (airShare: number, leavesKPa: number, airKPa: number): number =>
  1 + airShare * (airKPa / leavesKPa - 1);

/** Evaporation of light parts of a resin: about 45 kJ/mol, over the gas constant. Assumed. */
const evaporationK = 45_000 / 8.314462618;
const referenceK = 298.15;

/**
 * The pressure under which something in a resin boils at a temperature: Clausius and Clapeyron from its figure at 25 °C.
 * @returns kPa
 */
export const boilsUnderKPa = (at25KPa: number, temperatureC: number): number =>
  at25KPa * Math.exp(-evaporationK * (1 / (temperatureC + zeroCelsiusK) - 1 / referenceK));
