import type { MixRatio } from '../core/resin/ratio';
import { formatNumber, formatPlain } from '../core/quantity/format';
import { inUnit } from '../core/quantity/units';
import { decimalsOfStep } from '../core/quantity/round';
import { unitsTold } from './unitsTold';

/** Between a figure and its unit, so that they never part at the end of a line. */
const tie = '\u00a0';

const withUnit = (figure: string, unit: string): string => `${figure}${tie}${unit}`;

/** From here on a tenth means nothing at the planning table: 561 g, but 58.3 g. */
const wholeFrom = 99.95;

const forPlanning = (value: number): string =>
  formatNumber(value, Math.abs(value) < wholeFrom ? 1 : 0);

/** A volume as the planning table shows it: 2096 ml, 58.3 ml. */
export const sayMl = (ml: number): string => withUnit(forPlanning(ml), 'ml');

/** The same volume as someone knows it who measures in inches: 12.4 US fl oz, from a quarter on in US gal. Nothing for others. */
export function sayUsVolume(ml: number): string | undefined {
  if (unitsTold().usVolumes !== true) return undefined;
  const gallons = inUnit(ml, 'US gal');
  return gallons < 1 / 4
    ? withUnit(formatNumber(inUnit(ml, 'US fl oz'), 1), 'US fl oz')
    : withUnit(formatNumber(gallons, 2), 'US gal');
}

/** A figure and others that tell the same, where there are any. */
export const sayAlso = (...figures: readonly (string | undefined)[]): string =>
  figures.filter((each) => each !== undefined).join(' · ');

/** A mass as the planning table shows it: 1776 g, 58.3 g. */
export const sayG = (g: number): string => withUnit(forPlanning(g), 'g');

/** To the tenth, beside a figure that was rounded for a scale, a cup or a pump. */
export const sayExactG = (g: number): string => withUnit(formatNumber(g, 1), 'g');
export const sayExactMl = (ml: number): string => withUnit(formatNumber(ml, 1), 'ml');

const mmPerInch = 25.4;

/** As a rule in inches is read, to the hundredth: 1.97 in. */
const sayInches = (mm: number, decimals: number): string =>
  withUnit(formatPlain(mm / mmPerInch, decimals), 'in');

/** A length with the decimals that it has, two at most: 31.75 mm; 1.25 in. */
export const sayMm = (mm: number): string =>
  unitsTold().length === 'in'
    ? sayInches(mm, Math.abs(mm) < mmPerInch ? 3 : 2)
    : withUnit(formatPlain(mm, 2), 'mm');

/** What is finer than a rule reads: 0.027 mm, 0.3 mm; two digits that carry meaning. */
export const sayFineMm = (mm: number): string =>
  mm === 0 ? withUnit('0', 'mm') : withUnit(String(Number(mm.toPrecision(2))), 'mm');

/** A height in a piece as a rule is read: whole millimetres from 5 up, 39 mm, 3.5 mm. */
export const sayHeight = (mm: number): string => withUnit(sayHeightOnly(mm), unitsTold().length);

/** A bare height, where its unit stands once for all. */
export const sayHeightOnly = (mm: number): string =>
  unitsTold().length === 'in'
    ? formatPlain(mm / mmPerInch, 2)
    : formatPlain(mm, Math.abs(mm) < 5 ? 1 : 0);

/** What bare heights are in. */
export const heightsIn = (): string => (unitsTold().length === 'in' ? 'inches' : 'mm');

/** An area in cm², which is what a hand takes in: 54.0 cm². */
export const sayArea = (mm2: number): string => withUnit(formatNumber(mm2 / 100, 1), 'cm²');

const fahrenheitPerC = 9 / 5;

const inDegrees = (celsius: number): number =>
  unitsTold().temperature === '°F' ? celsius * fahrenheitPerC + 32 : celsius;

/** A bare figure in whole degrees, the first of a range: 24, 75. */
export const sayDegreesOnly = (celsius: number): string => formatPlain(inDegrees(celsius), 0);

/** Whole degrees: the heat model knows no more. */
export const sayDegrees = (celsius: number): string =>
  withUnit(sayDegreesOnly(celsius), unitsTold().temperature);

export const sayC = (celsius: number): string =>
  withUnit(formatPlain(inDegrees(celsius), 1), unitsTold().temperature);

/** An axis in millimetres or degrees as it is told: each of its figures, and their unit. Other axes are told as they are. */
export function axisTold(unit: string): readonly [(value: number) => number, string] {
  const { length, temperature } = unitsTold();
  if (unit === 'mm' && length === 'in') return [(mm) => mm / mmPerInch, 'in'];
  if (unit === '°C' && temperature === '°F') return [inDegrees, '°F'];
  return [(value) => value, unit];
}

/** By how much warmer or cooler: 5 °C is 9 °F. */
export const sayDegreesBy = (kelvin: number): string =>
  unitsTold().temperature === '°F'
    ? withUnit(formatPlain(kelvin * fahrenheitPerC, 0), '°F')
    : withUnit(formatPlain(kelvin, 0), '°C');

/** A share in percent, one decimal at most: 10 %. */
export const sayPercent = (share: number): string => withUnit(formatPlain(share * 100, 1), '%');

/** A sentence begins with a capital. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const partNames: readonly (readonly [number, string])[] = [
  [1 / 2, 'half'],
  [1 / 3, 'a third'],
  [1 / 4, 'a quarter'],
  [1 / 10, 'a tenth'],
  [1 / 20, 'a twentieth'],
];

/** A share as one says it where there is a word for it: a third, a tenth; otherwise 80 %. */
export const sayPart = (share: number): string =>
  partNames.find(([part]) => Math.abs(part - share) < 1e-3)?.[1] ?? sayPercent(share);

/** A bare figure where the unit is set beside it in another size. */
export const sayOneDecimal = (value: number): string => formatNumber(value, 1);

/** A bare figure as a scale of this step shows it: 592 on a 1 g scale, 592.0 on a 0.1 g scale. */
export const sayOnScale = (g: number, stepG: number): string =>
  formatNumber(g, decimalsOfStep(stepG));

/** The ounces of both countries, always told apart. */
export const sayFluidOunces = (us: number, imperial: number): string =>
  `${withUnit(formatNumber(us, 2), 'US fl oz')} · ${withUnit(formatNumber(imperial, 2), 'imp fl oz')}`;

/** A ratio both ways: 3 : 1 by volume, 100 : 28.91 by weight. */
function sayRatio(ratio: MixRatio): { readonly volume: string; readonly weight: string } {
  return {
    volume: `${formatPlain(ratio.byVolume.a, 3)}${tie}:${tie}1 by volume`,
    weight: `100${tie}:${tie}${formatPlain(ratio.byWeight.b, 2)} by weight`,
  };
}

/**
 * A resin's ratio both ways, the stated one first; one sentence for a resin in one bottle.
 * @param statedBy by volume first where it does not matter
 */
export function sayRatios(
  ratio: MixRatio | undefined,
  statedBy: 'volume' | 'weight' = 'volume',
): readonly [string, ...string[]] {
  if (ratio === undefined) return ['one part, nothing to mix'];
  const { volume, weight } = sayRatio(ratio);
  return statedBy === 'volume' ? [volume, weight] : [weight, volume];
}

/** A time as people say it: 30 s, 45 min, 12 h, 3 days. */
export function sayTime(minutes: number): string {
  if (minutes < 1.5) return withUnit(formatPlain(minutes * 60, 0), 's');
  if (minutes < 100) return withUnit(formatPlain(minutes, minutes < 10 ? 1 : 0), 'min');
  if (minutes < 72 * 60) return withUnit(formatPlain(minutes / 60, minutes < 600 ? 1 : 0), 'h');
  return withUnit(formatPlain(minutes / 1440, 1), 'days');
}

/** A dose in percent, with the figures that small ones need: 0.025 %, 2 %. */
export const sayDose = (share: number): string =>
  withUnit(formatPlain(share * 100, share < 0.001 ? 4 : share < 0.01 ? 3 : 2), '%');

/** A mass of pigment: a hundredth of a gram is what a fine scale shows. */
export const sayPigmentG = (g: number): string => withUnit(formatNumber(g, g < 10 ? 2 : 1), 'g');

/** A price, always with two decimals; the coin is the person's own. */
export const sayMoney = (money: number, currency: string): string =>
  currency === '' ? formatNumber(money, 2) : `${currency}${tie}${formatNumber(money, 2)}`;

/** Water for the mark of a cup, to the hundredth that a fine scale shows. */
export const sayWaterG = (g: number): string => withUnit(formatNumber(g, 2), 'g');
