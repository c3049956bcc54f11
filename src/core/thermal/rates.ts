import {
  gasConstant,
  referenceK,
  vitrificationSharpness,
  zeroCelsiusK,
  type Curing,
} from './curing';
import { quickExp } from './quickExp';

/**
 * The rates of many cells at once, as the solvers want them.
 * Arrays are of one length; cells `from` to `to` (not included) are worked out, the others stay as they are.
 */
export interface Rates {
  /** r into `rate`, 1/s. */
  readonly values: (
    temperaturesC: Float64Array,
    alphas: Float64Array,
    from: number,
    to: number,
    rate: Float64Array,
  ) => void;
  /** r, ∂r/∂T (1/(s K)) and ∂r/∂α (1/s). */
  readonly slopes: (
    temperaturesC: Float64Array,
    alphas: Float64Array,
    from: number,
    to: number,
    rate: Float64Array,
    byTemperature: Float64Array,
    byAlpha: Float64Array,
  ) => void;
}

/**
 * `rateOf` and its derivatives, written out for the inner loop: the constants of the resin are folded once, and both
 * exponentials are taken once for a cell.
 * ∂r/∂α = kf[(1−α)² − 2(κ+α)(1−α)] − 30(1−fd) r with kf = k(T)·fd;
 * ∂r/∂T = r [E/RT² + 30(1−fd) λ / ((Tg∞−Tg0)(λ+(1−λ)x)²)], the second part only above Tg0.
 */
export function ratesOf(curing: Curing): Rates {
  const { kappa, glassStartC, glassLambda } = curing;
  const activationK = curing.activationJPerMol / gasConstant;
  // k(T) = k25 exp[E/R/Tref] exp[−E/R/T]: one product less for a cell.
  const prefactor = curing.ratePerS * Math.exp(activationK / referenceK);
  const perSpan = 1 / (curing.glassEndC - glassStartC);
  const restOfLambda = 1 - glassLambda;
  // Imported names are looked up anew each time; the loops want them at hand.
  const sharpness = vitrificationSharpness;
  const zeroK = zeroCelsiusK;
  const slopeOfStall = glassLambda * perSpan;

  function values(
    temperaturesC: Float64Array,
    alphas: Float64Array,
    from: number,
    to: number,
    rate: Float64Array,
  ): void {
    for (let cell = from; cell < to; cell += 1) {
      const alpha = alphas[cell]!;
      if (alpha >= 1) {
        rate[cell] = 0;
        continue;
      }
      const temperatureC = temperaturesC[cell]!;
      const above = (temperatureC - glassStartC) * perSpan;
      const share = above > 0 ? above : 0;
      const left = 1 - alpha;
      const stalled = share / (glassLambda + restOfLambda * share);
      rate[cell] =
        (prefactor *
          quickExp(-activationK / (temperatureC + zeroK)) *
          (kappa + alpha) *
          left *
          left) /
        (1 + quickExp(sharpness * (alpha - stalled)));
    }
  }

  function slopes(
    temperaturesC: Float64Array,
    alphas: Float64Array,
    from: number,
    to: number,
    rate: Float64Array,
    byTemperature: Float64Array,
    byAlpha: Float64Array,
  ): void {
    for (let cell = from; cell < to; cell += 1) {
      const alpha = alphas[cell]!;
      if (alpha >= 1) {
        rate[cell] = 0;
        byTemperature[cell] = 0;
        byAlpha[cell] = 0;
        continue;
      }
      const temperatureC = temperaturesC[cell]!;
      const above = (temperatureC - glassStartC) * perSpan;
      const share = above > 0 ? above : 0;
      const left = 1 - alpha;
      const spread = glassLambda + restOfLambda * share;
      const kelvin = temperatureC + zeroK;
      const factor = 1 / (1 + quickExp(sharpness * (alpha - share / spread)));
      const free = prefactor * quickExp(-activationK / kelvin) * factor;
      const rateHere = free * (kappa + alpha) * left * left;
      const stalling = sharpness * (1 - factor);
      rate[cell] = rateHere;
      byAlpha[cell] = free * left * (left - 2 * (kappa + alpha)) - stalling * rateHere;
      byTemperature[cell] =
        rateHere *
        (activationK / (kelvin * kelvin) +
          (above > 0 ? (stalling * slopeOfStall) / (spread * spread) : 0));
    }
  }

  return { values, slopes };
}
