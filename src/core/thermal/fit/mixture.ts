/** A factor with the range that it lies in with nineteen chances of twenty. */
export interface FactorRange {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

/** A normal distribution of a logarithm, with its weight among others. */
export interface Peak {
  readonly ln: number;
  readonly sigma: number;
  readonly weight: number;
}

/** Share of a normal distribution below so many spreads: Abramowitz and Stegun 7.1.26, right to 1.5e-7. */
function normalBelow(spreads: number): number {
  const x = Math.abs(spreads) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const series =
    ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t;
  const erf = 1 - series * Math.exp(-x * x);
  return spreads < 0 ? (1 - erf) / 2 : (1 + erf) / 2;
}

/** Shares below the ends of a range and below its middle. */
const [lowShare, midShare, highShare] = [0.025, 0.5, 0.975];
const halvings = 60;
/** Nothing worth telling lies further from a peak than this, in spreads. */
const reach = 6;

/**
 * The middle and the range of a mixture of normal distributions of a logarithm.
 * @param peaks at least one, with weights over nothing in all
 */
export function mixtureRange(peaks: readonly Peak[]): FactorRange {
  const whole = peaks.reduce((sum, { weight }) => sum + weight, 0);
  const below = (ln: number): number =>
    peaks.reduce((sum, each) => sum + each.weight * normalBelow((ln - each.ln) / each.sigma), 0) /
    whole;
  const at = (share: number): number => {
    let low = Math.min(...peaks.map(({ ln, sigma }) => ln - reach * sigma));
    let high = Math.max(...peaks.map(({ ln, sigma }) => ln + reach * sigma));
    for (let turn = 0; turn < halvings; turn += 1) {
      const middle = (low + high) / 2;
      if (below(middle) < share) low = middle;
      else high = middle;
    }
    return Math.exp((low + high) / 2);
  };
  return { value: at(midShare), low: at(lowShare), high: at(highShare) };
}
