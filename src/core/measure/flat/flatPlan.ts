/** Area of a plan whose edge is moved inwards, over a stretch of the move: c₀ + c₁i + c₂i² mm², i in mm. */
export interface InsetPiece {
  /** The piece holds up to this inset. */
  readonly upToMm: number;
  readonly areaMm2: readonly [number, number, number];
}

/** A flat shape as seen from above. */
export interface FlatPlan {
  readonly areaMm2: number;
  readonly perimeterMm: number;
  /** Width of the cut that the Section draws. */
  readonly widthMm: number;
  /** The inset at which nothing is left. */
  readonly inradiusMm: number;
  /** Rising; the last ends at the inradius. */
  readonly insets: readonly InsetPiece[];
}

/** The plan's area when its edge is moved inwards everywhere by so much, mm². */
export function insetAreaMm2({ insets, inradiusMm }: FlatPlan, insetMm: number): number {
  if (insetMm >= inradiusMm) return 0;
  const piece = insets.find(({ upToMm }) => insetMm <= upToMm);
  if (piece === undefined) return 0;
  const [c0, c1, c2] = piece.areaMm2;
  return c0 + insetMm * (c1 + insetMm * c2);
}
