import { formatPlain } from '../core/quantity/format';

const tie = '\u00a0';
const kPaPerPsi = 4.4482216152605 / 0.64516;

/** A pressure over the air as dials have it: 2.76 bar (40 psi). */
export const sayGauge = (kPa: number): string =>
  `${formatPlain(kPa / 100, 2)}${tie}bar (${formatPlain(kPa / kPaPerPsi, 0)}${tie}psi)`;

/** What is left in a vacuum: 51 mbar. */
export const sayMbar = (kPa: number): string =>
  `${formatPlain(kPa * 10, kPa < 1 ? 1 : 0)}${tie}mbar`;
