/**
 * A stretch of height over which the level cut's area is a quadratic in height.
 * Cones, spheres, drafted trays, channels and polyhedra are all exact stacks of such slabs.
 */
export interface Slab {
  readonly fromMm: number;
  readonly toMm: number;
  /** Area at t mm over `fromMm`: c₀ + c₁t + c₂t², in mm², mm, 1. */
  readonly areaMm2: readonly [number, number, number];
}

/** Area of the level cut at t mm over the slab's foot, mm². */
export function slabAreaMm2({ areaMm2: [c0, c1, c2] }: Slab, tMm: number): number {
  return c0 + tMm * (c1 + tMm * c2);
}

/** Volume of the slab's lowest t mm, mm³: the integral of its area. */
export function slabVolumeMm3({ areaMm2: [c0, c1, c2] }: Slab, tMm: number): number {
  return tMm * (c0 + tMm * (c1 / 2 + (tMm * c2) / 3));
}
