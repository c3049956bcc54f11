import type { TypedScale } from '../../core/measure/parts/outlineSchemas';

/** The points that set the scale: both ends of a length, or four corners; none on a grid. */
export function scalePoints(scale: TypedScale): readonly number[] {
  switch (scale.by) {
    case 'length':
      return scale.ends;
    case 'rectangle':
      return scale.corners;
    case 'grid':
      return [];
  }
}

/** How many points the scale needs. */
export const scalePointsNeeded = (scale: TypedScale): number =>
  scale.by === 'length' ? 2 : scale.by === 'rectangle' ? 4 : 0;

/** The same scale with other points. */
export function withScalePoints(scale: TypedScale, points: number[]): TypedScale {
  switch (scale.by) {
    case 'length':
      return { ...scale, ends: points };
    case 'rectangle':
      return { ...scale, corners: points };
    case 'grid':
      return scale;
  }
}
