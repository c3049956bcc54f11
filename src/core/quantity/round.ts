import { roundingShare } from './tolerance';

/** Smallest whole number that is not below the value, rounding left aside: without that 2400 ml ÷ 800 ml can need a fourth batch. */
export function roundUpWhole(value: number): number {
  return Math.ceil(value - Math.abs(value) * roundingShare);
}

/** Decimal places that a step of this size shows: 0.1 → 1, 1 → 0, 5 → 0, 0.25 → 2. */
export function decimalsOfStep(step: number): number {
  if (Number.isInteger(step)) return 0;
  const [mantissa = '', exponent = '0'] = step.toExponential().split('e');
  return Math.max(0, (mantissa.split('.')[1]?.length ?? 0) - Number(exponent));
}

/** The nearest multiple of the step, free of binary dust. */
export function roundToStep(value: number, step: number): number {
  return Number((Math.round(value / step) * step).toFixed(decimalsOfStep(step)));
}

/** The nearest multiple of the step that is not below the value. */
export function roundUpToStep(value: number, step: number): number {
  return Number((roundUpWhole(value / step) * step).toFixed(decimalsOfStep(step)));
}

/** Whether a value is a multiple of the step, binary dust aside. */
export const isOnStep = (value: number, step: number): boolean =>
  Math.abs(value - roundToStep(value, step)) <= Math.abs(value) * roundingShare;
