/** Gas constant, J/(mol K). */
export const gasConstant = 8.314462618;
/** 0 °C in kelvin. */
export const zeroCelsiusK = 273.15;
/** Rates are told at 25 °C. */
export const referenceK = 298.15;
/**
 * How sharply vitrification stops the cure: Chern and Poehlein's factor 1 / (1 + exp[C (α − αc)]). With C = 30 the rate
 * is a quarter 0.04 past the conversion whose glass transition is the temperature. Assumed.
 */
export const vitrificationSharpness = 30;

/** One resin as the heat model sees it: what it cures by and what it is. */
export interface Curing {
  /** Rate at 25 °C, already times what the label asks for, 1/s. */
  readonly ratePerS: number;
  /** κ: how much it cures without autocatalysis, k1/k2. */
  readonly kappa: number;
  /** E, J/mol. */
  readonly activationJPerMol: number;
  /** H of a full cure, J/kg. */
  readonly heatJPerKg: number;
  /** Glass transition before and after the cure, °C. */
  readonly glassStartC: number;
  readonly glassEndC: number;
  /** λ of DiBenedetto's equation. */
  readonly glassLambda: number;
  /** α at which it gels. */
  readonly gelAlpha: number;
  readonly densityKgPerM3: number;
  /** c, J/(kg K). */
  readonly heatCapacityJPerKgK: number;
  /** k, W/(m K). */
  readonly conductivityWPerMK: number;
}

/** Temperature rise of a cure that loses no heat, K: H/c. */
export const adiabaticRiseK = ({ heatJPerKg, heatCapacityJPerKgK }: Curing): number =>
  heatJPerKg / heatCapacityJPerKgK;

/**
 * Glass transition by how far it is cured: DiBenedetto's Tg = Tg0 + (Tg∞ − Tg0) λα / (1 − (1 − λ)α).
 * @param alpha degree of cure, 0 to 1
 * @returns °C
 */
export function glassTransitionC(curing: Curing, alpha: number): number {
  const { glassStartC, glassEndC, glassLambda } = curing;
  return (
    glassStartC +
    ((glassEndC - glassStartC) * glassLambda * alpha) / (1 - (1 - glassLambda) * alpha)
  );
}

/**
 * How far it is cured by its glass transition: DiBenedetto's equation turned round.
 * @param glassC °C; below that of the uncured resin it is taken as that
 * @returns 0 to 1, above 1 where it never gets there
 */
export function alphaOfGlass(curing: Curing, glassC: number): number {
  const { glassStartC, glassEndC, glassLambda } = curing;
  const share = Math.max(0, (glassC - glassStartC) / (glassEndC - glassStartC));
  return share / (glassLambda + (1 - glassLambda) * share);
}

/**
 * Rate of cure: Kamal and Sourour's autocatalysis with m = 1, n = 2 and one activation energy, times a vitrification factor,
 * r = k(T) (κ + α)(1 − α)² / (1 + exp[30 (α − αc(T))]).
 * @param alpha degree of cure; at 1 and above nothing is left to cure
 * @returns 1/s
 */
export function rateOf(curing: Curing, temperatureC: number, alpha: number): number {
  if (alpha >= 1) return 0;
  const stalledAlpha = alphaOfGlass(curing, temperatureC);
  const kelvin = temperatureC + zeroCelsiusK;
  const arrhenius = Math.exp(
    (-curing.activationJPerMol / gasConstant) * (1 / kelvin - 1 / referenceK),
  );
  return (
    (curing.ratePerS * arrhenius * (curing.kappa + alpha) * (1 - alpha) ** 2) /
    (1 + Math.exp(vitrificationSharpness * (alpha - stalledAlpha)))
  );
}
