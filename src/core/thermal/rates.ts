import type { ResinCells } from './chain';
import {
  gasConstant,
  referenceK,
  vitrificationSharpness,
  zeroCelsiusK,
  type Curing,
} from './curing';
import { quickExp } from './quickExp';

/** The constants of a resin, folded for the inner loop. */
export interface RateConstants {
  readonly prefactorPerS: number;
  readonly activationK: number;
  readonly kappa: number;
  readonly glassStartC: number;
  readonly perSpan: number;
  readonly glassLambda: number;
}

/** Cells of one resin with its constants. */
export interface ResinRates {
  readonly from: number;
  readonly to: number;
  readonly constants: RateConstants;
}

export const ratesOfResins = (resins: readonly ResinCells[]): readonly ResinRates[] =>
  resins.map(({ from, to, curing }) => ({ from, to, constants: rateConstantsOf(curing) }));

/** k(T) = k25 exp[E/R/Tref] exp[−E/R/T]: one product less for a cell. */
export function rateConstantsOf(curing: Curing): RateConstants {
  const activationK = curing.activationJPerMol / gasConstant;
  return {
    prefactorPerS: curing.ratePerS * Math.exp(activationK / referenceK),
    activationK,
    kappa: curing.kappa,
    glassStartC: curing.glassStartC,
    perSpan: 1 / (curing.glassEndC - curing.glassStartC),
    glassLambda: curing.glassLambda,
  };
}

// Both are functions of the module and not closures over a resin, so that they are compiled once for all runs.

/** `rateOf` for cells `from` to `to` (not included) into `rate`, 1/s; the others stay as they are. */
export function fillRates(
  { prefactorPerS, activationK, kappa, glassStartC, perSpan, glassLambda }: RateConstants,
  temperaturesC: Float64Array,
  alphas: Float64Array,
  from: number,
  to: number,
  rate: Float64Array,
): void {
  const restOfLambda = 1 - glassLambda;
  // Imported names are looked up anew each time; the loop wants them at hand.
  const sharpness = vitrificationSharpness;
  const zeroK = zeroCelsiusK;
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
      (prefactorPerS *
        quickExp(-activationK / (temperatureC + zeroK)) *
        (kappa + alpha) *
        left *
        left) /
      (1 + quickExp(sharpness * (alpha - stalled)));
  }
}

/**
 * The same with ∂r/∂T, 1/(s K), and ∂r/∂α, 1/s:
 * ∂r/∂α = kf[(1−α)² − 2(κ+α)(1−α)] − 30(1−fd) r with kf = k(T)·fd;
 * ∂r/∂T = r [E/RT² + 30(1−fd) λ / ((Tg∞−Tg0)(λ+(1−λ)x)²)], the second part only above Tg0.
 */
export function fillSlopes(
  { prefactorPerS, activationK, kappa, glassStartC, perSpan, glassLambda }: RateConstants,
  temperaturesC: Float64Array,
  alphas: Float64Array,
  from: number,
  to: number,
  rate: Float64Array,
  byTemperature: Float64Array,
  byAlpha: Float64Array,
): void {
  const restOfLambda = 1 - glassLambda;
  const slopeOfStall = glassLambda * perSpan;
  const sharpness = vitrificationSharpness;
  const zeroK = zeroCelsiusK;
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
    const perSpread = 1 / (glassLambda + restOfLambda * share);
    const perKelvin = 1 / (temperatureC + zeroK);
    const factor = 1 / (1 + quickExp(sharpness * (alpha - share * perSpread)));
    const free = prefactorPerS * quickExp(-activationK * perKelvin) * factor;
    const rateHere = free * (kappa + alpha) * left * left;
    const stalling = sharpness * (1 - factor);
    rate[cell] = rateHere;
    byAlpha[cell] = free * left * (left - 2 * (kappa + alpha)) - stalling * rateHere;
    byTemperature[cell] =
      rateHere *
      (activationK * perKelvin * perKelvin +
        (above > 0 ? stalling * slopeOfStall * perSpread * perSpread : 0));
  }
}
