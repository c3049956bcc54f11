import type { Resin } from '../../core/resin/resinSchema';

/** How often a resin was chosen. */
export interface ResinUse {
  readonly id: string;
  readonly times: number;
}

/** More than this many are not told apart by their use: the least used go. */
const mostKept = 200;

/** The uses with one more of a resin, the most used first. */
export const withUse = (uses: readonly ResinUse[], id: string): readonly ResinUse[] =>
  [
    { id, times: (uses.find((use) => use.id === id)?.times ?? 0) + 1 },
    ...uses.filter((use) => use.id !== id),
  ]
    .sort((one, other) => other.times - one.times)
    .slice(0, mostKept);

/** Resins in the order in which they are offered: those that were chosen most first, the others as they stand. */
export function mostUsedFirst(resins: readonly Resin[], uses: readonly ResinUse[]): Resin[] {
  const times = new Map(uses.map((use) => [use.id, use.times]));
  const timesOf = ({ id = '' }: Resin): number => times.get(id) ?? 0;
  return [...resins].sort((one, other) => timesOf(other) - timesOf(one));
}
