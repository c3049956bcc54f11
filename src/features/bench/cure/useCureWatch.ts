import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { pourOf, type BenchCopy } from '../../../core/bench/benchCopy';
import { lastEvent, movedOf, observedAt } from '../../../core/bench/benchEvents';
import type { BenchState } from '../../../core/bench/benchState';
import { curingPourOf } from '../../../core/bench/curing';
import type { CureAnswer, CureQuestion } from '../../../core/cure/cureAnswer';
import { movedCureOf } from '../../../core/cure/movedCure';
import type { Deed } from '../../../data/hooks/useLivePour';
import { askCure } from '../../../workers/benchModels';
import { clocksMoved } from '../deeds';

/** A picture goes on for so much longer than what it is about. */
const beyond = 1.3;
/** Of what hardly warms, min. */
const leastMin = 12 * 60;

/** What is asked of the model about a pour that is curing; undefined where none follows it. */
function questionOf(copy: BenchCopy, state: BenchState): CureQuestion | undefined {
  const pour = curingPourOf(copy, state);
  if (pour === undefined) return undefined;
  const last = pour.begunS.length - 1;
  const beganMin = pour.begunS[last]! / 60;
  const peakMin = copy.cure?.layers[last]?.peakMin ?? 0;
  const readMin = Math.max(0, ...pour.readings.map(({ timeS }) => timeS / 60));
  const read = lastEvent(
    state.events,
    ({ did, place }) => did === 'read' && (place === 'core' || place === 'surface'),
  );
  return {
    pour,
    place: read?.place === 'surface' ? 'surface' : 'core',
    untilMin: Math.max(beganMin + Math.max(leastMin, peakMin * beyond), readMin * 1.05),
  };
}

/**
 * What was measured of a pour, as the model answers it; its clocks are moved by that, and kept.
 * @param act writes at the pour; resolves when that is stored
 * @returns undefined while it is worked out, and where no model follows the pour
 */
export function useCureWatch(
  id: string,
  copy: BenchCopy,
  state: BenchState,
  act: (deed: Deed) => Promise<void>,
): CureAnswer | undefined {
  const question = useMemo(() => questionOf(copy, state), [copy, state]);
  const { data, isPlaceholderData } = useQuery({
    queryKey: ['cure', id, question],
    queryFn: () => askCure(question!),
    enabled: question !== undefined,
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
    structuralSharing: false,
  });
  const of = observedAt(state);
  const answer = isPlaceholderData ? undefined : data;
  useEffect(() => {
    if (of === undefined || answer === undefined || copy.cure === undefined) return;
    if ((movedOf(state)?.of ?? 0) >= of) return;
    const moved = movedCureOf(answer.watch, pourOf(copy).layers, copy.cure.layers, of);
    void act(clocksMoved(Date.now(), moved));
  }, [of, answer, state, copy, act]);
  return data;
}
