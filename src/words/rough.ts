import { formatPlain } from '../core/quantity/format';

/** Figures of the model, rounded to what it knows: a label leaves far more open than a digit says. */

const tie = '\u00a0';

/** Steps of a clock that a figure of a size is told in, min; up to, step. */
const steps: readonly (readonly [belowMin: number, stepMin: number])[] = [
  [1.5, 1 / 6],
  [4, 0.5],
  [20, 1],
  [57.5, 5],
  [6 * 60, 30],
  [36 * 60, 60],
  [72 * 60, 4 * 60],
  [5.75 * 1440, 720],
  [Infinity, 1440],
];

const stepOf = (minutes: number): number => steps.find(([below]) => minutes < below)![1];

/** A half is told as one. */
function withHalf(figure: number): string {
  const whole = Math.floor(figure);
  if (figure - whole !== 0.5) return formatPlain(figure, 1);
  return whole === 0 ? '½' : `${formatPlain(whole, 0)}½`;
}

const units: readonly (readonly [belowMin: number, minutes: number, name: string])[] = [
  [1.5, 1 / 60, 's'],
  [60, 1, 'min'],
  [72 * 60, 60, 'h'],
  [Infinity, 1440, 'days'],
];

const unitOf = (minutes: number) => units.find(([below]) => minutes < below)!;

const rounded = (minutes: number): number => {
  const step = stepOf(minutes);
  return Math.max(step, Math.round(minutes / step) * step);
};

/** A time that is only about known: 40 s, 2½ min, 9 min, 35 min, 5½ h, 20 h, 2½ days. */
export function sayRoughly(minutes: number): string {
  const told = rounded(minutes);
  const [, unitMin, name] = unitOf(told);
  const figure = told / unitMin;
  return `${name === 's' ? formatPlain(figure, 0) : withHalf(figure)}${tie}${name}`;
}

/** From one such time to another, the unit once where it is the same: 2½ to 4 days, 20 h to 3 days. */
export function sayRoughRange(lowMin: number, highMin: number): string {
  const [low, high] = [sayRoughly(lowMin), sayRoughly(highMin)];
  if (low === high) return high;
  const [figure, unit] = low.split(tie);
  return high.endsWith(`${tie}${unit}`) ? `${figure} to ${high}` : `${low} to ${high}`;
}

/** From, told, to, min; null for what may not come. */
interface RoughRange {
  readonly low: number | null;
  readonly mid: number | null;
  readonly high: number | null;
}

/**
 * A time with how far it may be off: 3 days (2½ to 4 days), 3 days (2½ days or later).
 * @param never what is said where it comes by no reading of the label
 */
export function sayRoughAbout({ low, mid, high }: RoughRange, never: string): string {
  if (mid === null) return low === null ? never : `${never}, at the best after ${sayRoughly(low)}`;
  const told = sayRoughly(mid);
  if (high === null) return `${told} (${sayRoughly(low ?? mid)} or later)`;
  const range = sayRoughRange(low ?? mid, high);
  return range === told ? told : `${told} (${range})`;
}

/** A mass in a bucket: 240 g, 3.6 kg, 29 kg. */
export function sayRoughG(g: number): string {
  if (g >= 9950) return `${formatPlain(g / 1000, 0)}${tie}kg`;
  if (g >= 995) return `${formatPlain(g / 1000, 1)}${tie}kg`;
  return `${formatPlain(g >= 100 ? Math.round(g / 10) * 10 : g, 0)}${tie}g`;
}
