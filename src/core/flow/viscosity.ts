import { gasConstant, referenceK, zeroCelsiusK } from '../thermal/curing';

/** Flow of uncured resin: about 50 kJ/mol for amine epoxies and urethanes. Assumed. */
const flowActivationK = 50_000 / gasConstant;

/**
 * How many times as thick as at 25 °C before it cures a resin is: η/η₂₅ = exp[E/R (1/T − 1/298.15)] (α_g/(α_g − α))^(1.5 + α),
 * Castro and Macosko's growth to the gel point.
 * @param alpha degree of cure, from 0
 * @param gelAlpha degree of cure at which it gels
 * @returns from 0; Infinity from gel on
 */
export function thickening(temperatureC: number, alpha: number, gelAlpha: number): number {
  if (alpha >= gelAlpha) return Infinity;
  const byWarmth = Math.exp(flowActivationK * (1 / (temperatureC + zeroCelsiusK) - 1 / referenceK));
  return byWarmth * (gelAlpha / (gelAlpha - alpha)) ** (1.5 + alpha);
}
