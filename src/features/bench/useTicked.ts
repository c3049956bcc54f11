import { useEffect, useMemo } from 'react';
import { pourTicks } from '../../core/bench/pourTicks';
import { useOne } from '../../data/hooks/queries';
import { useChangeDays, useTicksOf } from '../../data/hooks/useJobDays';
import { jobs } from '../../data/kinds/kinds';
import type { BenchSource } from './benchSource';

/** What the bench has seen done is ticked in the days of its job, at its real times. */
export function useTicked(
  job: string,
  { copy, state }: BenchSource,
  keep: (work: () => Promise<void>) => Promise<void>,
): void {
  const { changeTicks } = useChangeDays();
  const { tasks } = useTicksOf(job);
  const hasJob = useOne(jobs, job).data?.record !== undefined;
  const done = useMemo(() => pourTicks(copy, state), [copy, state]);
  const missing = useMemo(() => {
    const ticked = new Set(tasks.map(({ id }) => id));
    return done.filter(({ id }) => !ticked.has(id));
  }, [done, tasks]);
  useEffect(() => {
    if (missing.length === 0 || !hasJob) return;
    const instant = (at: number): string => new Date(at).toISOString();
    void keep(() =>
      changeTicks(job, (before) => ({
        lines: before.lines,
        tasks: [
          ...before.tasks,
          ...missing
            .filter(({ id }) => before.tasks.every((task) => task.id !== id))
            .map(({ id, from, to }) => ({ id, from: instant(from), to: instant(to) })),
        ],
      })),
    );
  }, [missing, hasJob, job, changeTicks, keep]);
}
