import { createContext, useContext } from 'react';
import type { BatchLane, Lane, StepState } from '../../core/bench/lanes';
import type { CupAnswer } from '../../core/bench/potClock';

/** What stands over the guide. */
export type BenchSheetName =
  'heating' | 'more' | 'skip' | 'other' | 'note' | 'temperature' | 'instruments' | 'simulated';

/** A batch in its cup, and what the model answers for it. */
export interface RunningPot {
  readonly lane: BatchLane;
  readonly answer: CupAnswer | undefined;
}

/** What every step of the guide goes by. */
export interface Guide {
  readonly lane: Lane;
  readonly step: StepState;
  /** Of the batch in hand; undefined where there is none, or it has no pot life. */
  readonly pot: RunningPot | undefined;
  readonly open: (sheet: BenchSheetName) => void;
}

export const GuideContext = createContext<Guide | null>(null);

export function useGuide(): Guide {
  const guide = useContext(GuideContext);
  if (guide === null) throw new Error('useGuide outside of the guide');
  return guide;
}
