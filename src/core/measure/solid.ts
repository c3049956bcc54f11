/** Width of the cut through a cavity at a height above its floor. */
export interface WidthAtHeight {
  readonly heightMm: number;
  readonly widthMm: number;
}

/** One cavity as the core sees it, whatever its shape. */
export interface Solid {
  readonly volumeMl: number;
  /** Undefined for a known amount, which has no form. */
  readonly depthMm: number | undefined;
  /** The cut from floor to rim that the Section draws, rising; empty for a known amount. */
  readonly outline: readonly WidthAtHeight[];
  /**
   * V(h): volume below a height over the floor.
   * @param heightMm 0 … depthMm
   * @returns ml
   */
  readonly volumeBelowMl: (heightMm: number) => number;
}
