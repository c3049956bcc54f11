import type { Slab } from './slab';

/** Width of the cut through a cavity at a height above its floor. */
export interface WidthAtHeight {
  readonly heightMm: number;
  readonly widthMm: number;
  /** Width of what is left out in the middle of it, as in a ring. */
  readonly holeMm?: number;
}

/** One cavity or body as the core sees it, however it was measured. */
export interface Solid {
  readonly volumeMl: number;
  /** Undefined for what has no form: a known amount, a fill test without a depth. */
  readonly depthMm: number | undefined;
  /** The cut from floor to rim that the Section draws, rising; empty where there is no form. */
  readonly outline: readonly WidthAtHeight[];
  /** The form itself, from the floor up without a gap; empty where there is none. */
  readonly slabs: readonly Slab[];
  /**
   * V(h): volume below a height over the floor; nothing at or under the floor, all of it from the rim on.
   * @param heightMm over the floor
   * @returns ml
   */
  readonly volumeBelowMl: (heightMm: number) => number;
  /**
   * Area of the level cut just below a height.
   * @param heightMm over the floor
   * @returns mm²; 0 at or under the floor and over the rim
   */
  readonly areaAtMm2: (heightMm: number) => number;
}
