import type { Faces } from '../form/faces';
import type { Station } from './station';

/** ∫₀¹ max(0, h − f(s)) ds for a floor f that runs straight from one height to another. */
function meanWetMm(heightMm: number, fromMm: number, toMm: number): number {
  const [low, high] = fromMm < toMm ? [fromMm, toMm] : [toMm, fromMm];
  if (heightMm <= low) return 0;
  if (heightMm >= high) return heightMm - (low + high) / 2;
  return (heightMm - low) ** 2 / (2 * (high - low));
}

/**
 * Faces of a channel along its stations: two edges of √(Δx² + (Δw/2)²) each between two of them, over the floor as it rises.
 * The ends are not counted: there the form is closed by a board.
 * @param stations at least two, places rising
 */
export function channelFaces(stations: readonly Station[]): Faces {
  const deepestMm = Math.max(...stations.map(({ depthMm }) => depthMm));
  const stretches = stations.slice(1).map((right, index) => {
    const left = stations[index] ?? right;
    return {
      edgeMm: Math.hypot(right.atMm - left.atMm, (right.widthMm - left.widthMm) / 2),
      lengthMm: right.atMm - left.atMm,
      widthMm: (left.widthMm + right.widthMm) / 2,
      leftFloorMm: deepestMm - left.depthMm,
      rightFloorMm: deepestMm - right.depthMm,
    };
  });
  return {
    // A floor that slopes by a few millimetres in a hundred is longer by less than a tape tells.
    floorMm2: stretches.reduce((sum, { lengthMm, widthMm }) => sum + lengthMm * widthMm, 0),
    sidesMm2: (upToMm) =>
      stretches.reduce(
        (sum, { edgeMm, leftFloorMm, rightFloorMm }) =>
          sum + 2 * edgeMm * meanWetMm(Math.min(upToMm, deepestMm), leftFloorMm, rightFloorMm),
        0,
      ),
  };
}
