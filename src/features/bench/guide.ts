import { createContext, useContext } from 'react';
import type { BatchLane, Lane, StepState } from '../../core/bench/benchState';
import type { CupAnswer, PotClock } from '../../core/bench/potClock';

/** What stands over the guide. */
export type BenchSheetName =
  'heating' | 'more' | 'skip' | 'other' | 'note' | 'temperature' | 'instruments' | 'simulated';

/** A batch in its cup, with its pot life. */
export interface RunningPot {
  readonly lane: BatchLane;
  readonly clock: PotClock | undefined;
  readonly answer: CupAnswer | undefined;
}

/** What every step of the guide goes by. */
export interface Guide {
  readonly now: number;
  readonly lane: Lane;
  readonly step: StepState;
  /** Of the batch in hand; undefined where there is none, or it has no pot life. */
  readonly pot: RunningPot | undefined;
  readonly open: (sheet: BenchSheetName) => void;
  /** What the simulated person would pour now, g. */
  readonly wants: (g: number | undefined) => void;
}

export const GuideContext = createContext<Guide | null>(null);

export function useGuide(): Guide {
  const guide = useContext(GuideContext);
  if (guide === null) throw new Error('useGuide outside of the guide');
  return guide;
}
