import { useMemo } from 'react';
import type { LiveEntry } from '../records/liveEntry';
import { useLives } from './queries';

/** Of the pours of a job that were begun, the share that is still to be mixed, the latest of each. */
export type Rests = ReadonlyMap<number, number>;

const none: Rests = new Map();

/** Rests by job. @param entries the latest first, as they are listed */
function restsByJob(entries: readonly LiveEntry[]): ReadonlyMap<string, Rests> {
  const all = new Map<string, Map<number, number>>();
  for (const { job, pour, restShare } of entries) {
    const own = all.get(job) ?? new Map<number, number>();
    all.set(job, own);
    // One that was begun anew has all of it before it.
    if (!own.has(pour)) own.set(pour, restShare ?? 1);
  }
  return all;
}

/** What is still to be mixed of each job that was begun. */
export function useRests(): (job: string) => Rests {
  const { data: lives } = useLives();
  return useMemo(() => {
    const all = restsByJob(lives?.records ?? []);
    return (job) => all.get(job) ?? none;
  }, [lives]);
}
