/** What came of one value, and how far it is over what is wanted. */
export interface Tried<T> {
  readonly over: number;
  readonly found: T;
}

/** Where a search ended: at what is wanted, or at the end of what may be tried. */
export interface Met<T> extends Tried<T> {
  readonly value: number;
  readonly met: boolean;
}

/** Two tries so near each other are one, in ln of the value. */
const nearestLn = 1e-3;

/**
 * Looks between two values for the one that comes to what is wanted: the secant on the value's logarithm, held inside its bracket.
 * @param startValue tried first: where it will do it stands
 * @param endOf where to look to, by whether the start is over what is wanted; above 0
 * @param tolerance of `over`
 * @returns the end, not met, where even there it is on the same side
 */
export function meet<T>(
  startValue: number,
  endOf: (isOver: boolean) => number,
  tolerance: number,
  tryAt: (value: number) => Tried<T>,
): Met<T> {
  const at = (ln: number) => ({ ln, value: Math.exp(ln), ...tryAt(Math.exp(ln)) });
  const start = at(Math.log(startValue));
  const done = (tried: typeof start, met: boolean): Met<T> => {
    const { value, over, found } = tried;
    return { value, over, found, met };
  };
  if (Math.abs(start.over) < tolerance) return done(start, true);
  const end = at(Math.log(endOf(start.over > 0)));
  if (Math.abs(end.over) < tolerance) return done(end, true);
  if (end.over > 0 === start.over > 0) return done(end, false);
  let [above, below] = start.over > 0 ? [start, end] : [end, start];
  for (let round = 0; round < 40; round += 1) {
    const share = above.over / (above.over - below.over);
    // Never so near an end that the bracket barely shrinks.
    const next = at(above.ln + (below.ln - above.ln) * Math.min(0.85, Math.max(0.15, share)));
    const isNear = Math.abs(below.ln - above.ln) < nearestLn;
    if (Math.abs(next.over) < tolerance || isNear) return done(next, true);
    if (next.over > 0) above = next;
    else below = next;
  }
  return done(below, true);
}
