import { formatNumber, formatPlain } from '../core/quantity/format';
import { decimalsOfStep } from '../core/quantity/round';

/** Between a figure and its unit, so that they never part at the end of a line. */
const tie = '\u00a0';

const withUnit = (figure: string, unit: string): string => `${figure}${tie}${unit}`;

/** A volume as the planning table shows it: 2095.5 ml. */
export const sayMl = (ml: number): string => withUnit(formatNumber(ml, 1), 'ml');

/** A mass as the planning table shows it: 1775.9 g. */
export const sayG = (g: number): string => withUnit(formatNumber(g, 1), 'g');

/** A length with the decimals that it has, two at most: 31.75 mm. */
export const sayMm = (mm: number): string => withUnit(formatPlain(mm, 2), 'mm');

/** An area in cm², which is what a hand takes in: 54.0 cm². */
export const sayArea = (mm2: number): string => withUnit(formatNumber(mm2 / 100, 1), 'cm²');

export const sayC = (celsius: number): string => withUnit(formatPlain(celsius, 1), '°C');

/** A share in percent, one decimal at most: 10 %. */
export const sayPercent = (share: number): string => withUnit(formatPlain(share * 100, 1), '%');

/** A bare figure where the unit is set beside it in another size. */
export const sayOneDecimal = (value: number): string => formatNumber(value, 1);

/** A bare figure as a scale of this step shows it: 592 on a 1 g scale, 592.0 on a 0.1 g scale. */
export const sayOnScale = (g: number, stepG: number): string =>
  formatNumber(g, decimalsOfStep(stepG));

/** The ounces of both countries, always told apart. */
export const sayFluidOunces = (us: number, imperial: number): string =>
  `${withUnit(formatNumber(us, 2), 'US fl oz')} · ${withUnit(formatNumber(imperial, 2), 'imp fl oz')}`;

/** A ratio both ways, the stated one first: 3 : 1 by volume, 100 : 28.91 by weight. */
export function sayRatio(ratio: {
  readonly byVolume: { readonly a: number };
  readonly byWeight: { readonly b: number };
}): { readonly byVolume: string; readonly byWeight: string } {
  return {
    byVolume: `${formatPlain(ratio.byVolume.a, 3)}${tie}:${tie}1`,
    byWeight: `100${tie}:${tie}${formatPlain(ratio.byWeight.b, 2)}`,
  };
}
