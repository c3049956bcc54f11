import { mixtureRange, type FactorRange } from '../thermal/fit/mixture';

/** What several pours say together of one factor. */
export interface TogetherFit extends FactorRange {
  readonly pours: number;
  /** How far pours lie from each other besides what each leaves open, as a spread of logarithms. */
  readonly betweenLn: number;
}

/** Half of a range that holds nineteen of twenty, in spreads. */
const rangeSpreads = 1.96;

const lnOf = ({ value, low, high }: FactorRange) => ({
  ln: Math.log(value),
  variance: (Math.log(high / low) / (2 * rangeSpreads)) ** 2,
});

/**
 * Several pours of one resin together: each weighed by what it leaves open and by how far pours lie from each other (random effects
 * by DerSimonian and Laird). The range is that of the mean: where pours differ, one more of them lies further off.
 * @param fits of one factor, at least one, none of them refused
 */
export function togetherFit(
  fits: readonly [FactorRange, ...(readonly FactorRange[])],
): TogetherFit {
  const each = fits.map(lnOf);
  const weights = each.map(({ variance }) => 1 / variance);
  const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);
  const whole = sum(weights);
  const mean = sum(each.map(({ ln }, at) => ln * weights[at]!)) / whole;
  const q = sum(each.map(({ ln }, at) => weights[at]! * (ln - mean) ** 2));
  const scale = whole - sum(weights.map((weight) => weight ** 2)) / whole;
  const between = scale > 0 ? Math.max(0, (q - (fits.length - 1)) / scale) : 0;
  const mixed = each.map(({ variance }) => 1 / (variance + between));
  const ln = sum(each.map((one, at) => one.ln * mixed[at]!)) / sum(mixed);
  const range = mixtureRange([{ ln, sigma: Math.sqrt(1 / sum(mixed)), weight: 1 }]);
  return { ...range, pours: fits.length, betweenLn: Math.sqrt(between) };
}
