/** The box round corners: least and greatest x, y and z. */
export interface Bounds {
  readonly min: readonly [number, number, number];
  readonly max: readonly [number, number, number];
}

/**
 * The box round corners; `[Infinity, …]` to `[-Infinity, …]` where there are none.
 * @param positions x, y, z of each corner
 */
export function boundsOf(positions: Float64Array): Bounds {
  const min: [number, number, number] = [Infinity, Infinity, Infinity];
  const max: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (let at = 0; at < positions.length; at += 1) {
    const axis = at % 3;
    min[axis] = Math.min(min[axis]!, positions[at]!);
    max[axis] = Math.max(max[axis]!, positions[at]!);
  }
  return { min, max };
}

/** How far a box reaches in x, y and z. */
export const extentOf = ({ min, max }: Bounds): readonly [number, number, number] => [
  max[0] - min[0],
  max[1] - min[1],
  max[2] - min[2],
];
