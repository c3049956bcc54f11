/**
 * Extent of corners in x, y and z.
 * @param positions x, y, z of each corner
 */
export function sizeOf(positions: Float64Array): readonly [number, number, number] {
  const least = [Infinity, Infinity, Infinity];
  const greatest = [-Infinity, -Infinity, -Infinity];
  for (let at = 0; at < positions.length; at += 1) {
    const axis = at % 3;
    least[axis] = Math.min(least[axis]!, positions[at]!);
    greatest[axis] = Math.max(greatest[axis]!, positions[at]!);
  }
  const [x = 0, y = 0, z = 0] = least.map((low, axis) => greatest[axis]! - low);
  return [x, y, z];
}
