/**
 * Figures that were added up, or split and put together again, differ from what they mean by what floating-point
 * arithmetic leaves behind. A figure is over a limit when it is over by more than this share of it.
 */
export const roundingShare = 1e-9;

/** Over a limit by more than rounding. */
export const isOver = (value: number, limit: number): boolean =>
  value > limit * (1 + roundingShare);

/** Under a limit by more than rounding. */
export const isUnder = (value: number, limit: number): boolean =>
  value < limit * (1 - roundingShare);

/** Heights that differ by less are one height, mm. */
export const hairMm = 1e-6;

/** A volume that is less is none, ml. */
export const hairMl = 1e-9;
