import { InputError } from '../../problem';

/** A rational B-spline: control points as x, y pairs, a weight for each, and rising knots. */
export interface Spline {
  readonly degree: number;
  readonly controls: readonly (readonly [number, number])[];
  readonly weights: readonly number[];
  readonly knots: readonly number[];
}

/** A quarter circle drawn so loses one part of its area in a hundred thousand. */
const piecesPerSpan = 160;
const highestDegree = 11;

/** The point at a parameter inside the knot span that begins at `span`: de Boor's algorithm on weighted points. */
function pointAt(
  { degree, controls, weights, knots }: Spline,
  span: number,
  u: number,
): [number, number] {
  const points = Array.from({ length: degree + 1 }, (_, index) => {
    const at = span - degree + index;
    const weight = weights[at] ?? 1;
    const [x, y] = controls[at]!;
    return [x * weight, y * weight, weight] as [number, number, number];
  });
  for (let level = 1; level <= degree; level += 1) {
    for (let index = degree; index >= level; index -= 1) {
      const at = span - degree + index;
      const low = knots[at]!;
      const length = knots[at + degree - level + 1]! - low;
      const share = length === 0 ? 0 : (u - low) / length;
      const [here, before] = [points[index]!, points[index - 1]!];
      for (let axis = 0; axis < 3; axis += 1) {
        here[axis] = (1 - share) * before[axis]! + share * here[axis]!;
      }
    }
  }
  const [x, y, weight] = points[degree]!;
  return [x / weight, y / weight];
}

/**
 * Points along a spline, both ends included, x and y in turn.
 * @throws InputError `spline-broken` where knots, weights and control points do not fit each other
 */
export function splinePoints(spline: Spline): number[] {
  const { degree, controls, knots, weights } = spline;
  const fits =
    Number.isInteger(degree) &&
    degree >= 1 &&
    degree <= highestDegree &&
    controls.length > degree &&
    knots.length === controls.length + degree + 1 &&
    knots.every((knot, index) => index === 0 || knot >= knots[index - 1]!) &&
    weights.every((weight) => weight > 0);
  if (!fits) throw new InputError('spline-broken', undefined);
  const points: number[] = [];
  for (let span = degree; span < controls.length; span += 1) {
    const from = knots[span]!;
    const to = knots[span + 1]!;
    if (to <= from) continue;
    if (points.length === 0) points.push(...pointAt(spline, span, from));
    // A straight spline needs its ends alone.
    const pieces = degree === 1 ? 1 : piecesPerSpan;
    for (let piece = 1; piece <= pieces; piece += 1) {
      points.push(...pointAt(spline, span, from + ((to - from) * piece) / pieces));
    }
  }
  return points;
}
