import type { LabelTime } from './readResin';

/** Ten degrees warmer about halve every time of a cure; the trade's own rule of thumb. */
const halvingC = 10;

/**
 * A time of the label told for another temperature: t × 2^((T label − T)/10). An estimate, good for some ten degrees
 * either way; it knows nothing of the mass.
 * @returns min
 */
export const timeAtMin = ({ timeMin, temperatureC }: LabelTime, atC: number): number =>
  timeMin * 2 ** ((temperatureC - atC) / halvingC);
