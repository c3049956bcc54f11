/** A figure of one's own, with how many it is of. */
export interface OwnFigure {
  /** The middle one of them. */
  readonly median: number;
  readonly count: number;
}

/** The middle one of several figures; undefined for none. */
export function medianOf(values: readonly number[]): OwnFigure | undefined {
  if (values.length === 0) return undefined;
  const sorted = [...values].sort((one, other) => one - other);
  const half = sorted.length / 2;
  const median =
    sorted.length % 2 === 1 ? sorted[Math.floor(half)]! : (sorted[half - 1]! + sorted[half]!) / 2;
  return { median, count: values.length };
}
