import { polygonHull } from 'd3-polygon';

/** A point with whatever else belongs to it. */
type Point = readonly [x: number, y: number, ...more: unknown[]];

/**
 * The smallest convex outline round points, which are given back as they are.
 * @returns empty where there are fewer than three
 */
export const hullOf = <P extends Point>(points: readonly P[]): readonly P[] =>
  // It only reads the first two and gives back the very points, which its types do not say.
  (polygonHull(points as unknown as [number, number][]) ?? []) as unknown as readonly P[];
