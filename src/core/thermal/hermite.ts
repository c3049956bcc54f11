/**
 * The cubic through two ends with their slopes: what lies between two steps of the solver, to fourth order.
 * Slopes are for the whole way, dy/dt × h.
 */
export interface Cubic {
  readonly start: number;
  readonly end: number;
  readonly startSlope: number;
  readonly endSlope: number;
}

/** Its value at a share of the way, 0 to 1. */
export function cubicAt({ start, end, startSlope, endSlope }: Cubic, share: number): number {
  const square = share * share;
  const cube = square * share;
  return (
    start +
    (end - start) * (3 * square - 2 * cube) +
    startSlope * (cube - 2 * square + share) +
    endSlope * (cube - square)
  );
}

/**
 * Where it first reaches a level that lies between its ends.
 * @returns share of the way, 0 to 1
 */
export function crossingOf(cubic: Cubic, level: number): number {
  const rising = cubic.end >= cubic.start;
  let low = 0;
  let high = 1;
  // 2⁻⁴⁰ of a step is far below what the step itself is good for.
  for (let halving = 0; halving < 40; halving += 1) {
    const middle = (low + high) / 2;
    const below = cubicAt(cubic, middle) < level;
    if (below === rising) low = middle;
    else high = middle;
  }
  return high;
}

/**
 * Where it is highest, for a cubic that rises at its start and falls at its end.
 * @returns share of the way, 0 to 1
 */
export function summitOf({ start, end, startSlope, endSlope }: Cubic): number {
  if (!(startSlope > 0) || !(endSlope < 0)) return end >= start ? 1 : 0;
  // Its slope is the parabola a s² + b s + c, positive at 0 and negative at 1.
  const rise = end - start;
  const a = 3 * (startSlope + endSlope - 2 * rise);
  const b = 2 * (3 * rise - 2 * startSlope - endSlope);
  const root = Math.sqrt(b * b - 4 * a * startSlope);
  return (2 * startSlope) / (root - b);
}
