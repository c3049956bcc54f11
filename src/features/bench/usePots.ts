import { keepPreviousData, useQueries } from '@tanstack/react-query';
import type { BenchCopy } from '../../core/bench/benchCopy';
import { type BenchState } from '../../core/bench/benchState';
import { isBatchLane, type BatchLane } from '../../core/bench/lanes';
import { cupQuestionOf, type CupAnswer } from '../../core/bench/potClock';
import { useShared } from '../../data/hooks/useShared';
import { askCup } from '../../workers/benchModels';
import type { RunningPot } from './guide';

/** What the model answers for these batches; undefined while it does, and where no model follows the resin. */
export function usePotAnswers(
  copy: BenchCopy,
  lanes: readonly BatchLane[],
): readonly (CupAnswer | undefined)[] {
  return useQueries({
    queries: lanes.map((lane) => {
      const question = cupQuestionOf(copy, lane);
      return {
        queryKey: ['cup', question],
        queryFn: () => askCup(question!),
        enabled: question !== undefined,
        staleTime: Infinity,
        gcTime: 60_000,
        placeholderData: keepPreviousData,
      };
    }),
    combine: (results) => results.map(({ data }) => data),
  });
}

/** The batches of a pour that are in their cups, or about to be. */
export function useRunningPots(copy: BenchCopy, state: BenchState): readonly RunningPot[] {
  const lanes = state.lanes
    .filter(isBatchLane)
    .filter(({ isBegun, next }) => isBegun && next !== undefined);
  const answers = usePotAnswers(copy, lanes);
  return useShared(lanes.map((lane, at): RunningPot => ({ lane, answer: answers[at] })));
}
