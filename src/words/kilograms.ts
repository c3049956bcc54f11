import { formatPlain } from '../core/quantity/format';

const tie = '\u00a0';

/** What is to be lifted or held, as it is told beside a form: 0.4 kg, 4.7 kg, 29 kg. */
export const sayKg = (kg: number): string =>
  kg > 0 && kg < 0.095
    ? `${formatPlain(kg * 1000, 0)}${tie}g`
    : `${formatPlain(kg, kg >= 9.95 ? 0 : 1)}${tie}kg`;

/** A force: 3 N, 23 N. */
export const sayN = (newton: number): string =>
  `${formatPlain(newton, newton < 9.5 ? 1 : 0)}${tie}N`;

/** What a wall bows: to a tenth of a millimetre, and to a hundredth where it is less. */
export const sayBow = (mm: number): string => `${formatPlain(mm, mm < 0.1 ? 2 : 1)}${tie}mm`;
