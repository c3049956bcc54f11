import type { BenchEvent } from './benchEvents';

/** No sooner than this, and then only for another temperature; or after so long in any case, ms and °C. */
const [soonestMs, latestMs] = [60_000, 10 * 60_000];
const otherC = 0.5;

/** Whether a temperature has something to tell that the last one did not. */
export function worthReading(
  last: Pick<BenchEvent, 'at' | 'c'> | undefined,
  now: number,
  c: number,
): boolean {
  if (last?.c === undefined) return true;
  const since = now - last.at;
  return since >= latestMs || (since >= soonestMs && Math.abs(c - last.c) >= otherC);
}
