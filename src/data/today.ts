import { localDay } from '../core/localDay';

/** The day by the clock of this device, `2026-11-23`: best-before dates are held against it. */
export const today = (): string => localDay(new Date());
