/** One measured figure, as a line of the benchmark. */
export interface BenchFigure {
  readonly name: string;
  readonly median: number;
  /** `x` is a ratio: how many times as much. */
  readonly unit: 'ms' | 'bytes' | 'MB' | 'elements' | 'x' | '%' | 'frames/s';
  readonly runs: number;
}

/** The median of times or ratios, to three decimals. */
export function medianOf(values: readonly number[]): number {
  const sorted = values.toSorted((a, b) => a - b);
  return Number((sorted[Math.floor(sorted.length / 2)] ?? NaN).toFixed(3));
}

/** Median wall time of a piece of work, after a warm-up of a tenth of the runs. */
export function medianTime(name: string, runs: number, work: () => void): BenchFigure {
  for (let run = 0; run < runs / 10; run += 1) work();
  const times: number[] = [];
  for (let run = 0; run < runs; run += 1) {
    const start = performance.now();
    work();
    times.push(performance.now() - start);
  }
  return { name, median: medianOf(times), unit: 'ms', runs };
}
