import { endOf, type Starts } from './startDomains';
import { merged, type Span, type Spans } from './spans';
import type { DatedJob, Use } from './tasks';

/** A stretch in which a job has something to itself. */
export type Taken = Use & Span;

/** The stretches of a job's placement in which it has something to itself. */
export function takenBy(
  { tasks: { tasks, uses }, dates }: DatedJob,
  starts: Starts,
): readonly Taken[] {
  return uses.flatMap((use) => {
    const until = tasks.find(({ id }) => id === use.untilTask);
    const from = starts.get(use.fromTask);
    return until === undefined || from === undefined
      ? []
      : [{ ...use, from, to: endOf(until, starts, dates) }];
  });
}

/** Whether there is enough of something at every moment of a stretch. */
export function isAvailable(use: Taken, taken: readonly Taken[], owned: number): boolean {
  const others = taken.filter(
    ({ what, from, to }) => what === use.what && from < use.to && use.from < to,
  );
  const moments = [use.from, ...others.map(({ from }) => from).filter((at) => at > use.from)];
  return moments.every((at) => {
    const atOnce = others
      .filter(({ from, to }) => from <= at && at < to)
      .reduce((sum, { count }) => sum + count, 0);
    return atOnce + use.count <= owned;
  });
}

/** When there is not enough left of something for a use to begin. */
export function shortOf(use: Use, taken: readonly Taken[], owned: number): Spans {
  const others = taken.filter(({ what }) => what === use.what);
  const moments = [...new Set(others.flatMap(({ from, to }) => [from, to]))].sort((a, b) => a - b);
  const short = moments.slice(1).flatMap((to, index): readonly Span[] => {
    const from = moments[index]!;
    const isShort = !isAvailable({ ...use, from, to }, taken, owned);
    return isShort ? [{ from, to }] : [];
  });
  return merged(short);
}

/** What there is of things that jobs share. */
export interface Owned {
  /** Undefined where nobody counted them: then they are never short. */
  readonly clamps: number | undefined;
}

export const ownedOf = ({ kind, count }: Use, { clamps }: Owned): number =>
  // Nobody has fewer clamps than the job at hand needs.
  kind === 'mould' ? 1 : Math.max(clamps ?? Infinity, count);
