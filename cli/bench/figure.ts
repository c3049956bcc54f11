/** One measured figure, as a line of the benchmark. */
export interface BenchFigure {
  readonly name: string;
  readonly median: number;
  readonly unit: 'ms' | 'bytes';
  readonly runs: number;
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
  times.sort((a, b) => a - b);
  const median = times[Math.floor(runs / 2)] ?? NaN;
  return { name, median: Number(median.toFixed(3)), unit: 'ms', runs };
}
