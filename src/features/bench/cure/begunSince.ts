import type { LiveEntry } from '../../../data/records/liveEntry';

/** Whether a pour of a job was begun after another of it. */
export const begunSince =
  (entries: readonly LiveEntry[] | undefined, job: string, startedAt: number) =>
  (pour: number): boolean =>
    (entries ?? []).some(
      (each) => each.job === job && each.pour === pour && each.startedAt > startedAt,
    );
