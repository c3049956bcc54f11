import { useEffect, useRef } from 'react';
import type { BenchCopy } from '../../core/bench/benchCopy';
import { lookOf, type BenchState } from '../../core/bench/benchState';
import { isAfterLane } from '../../core/bench/lanes';
import { potClockOf, potVoices, type PotVoice } from '../../core/bench/potClock';
import { potVoiceSpoken, stepNames } from '../../words/bench';
import { useAlarm } from './alarm';
import type { BenchClock } from './benchSource';
import type { RunningPot } from './guide';
import { useBenchNow } from './useBenchNow';

const loudness = (voice: PotVoice): number => potVoices.indexOf(voice);

interface VoicesProps {
  readonly copy: BenchCopy;
  readonly state: BenchState;
  readonly clock: BenchClock;
  readonly pots: readonly RunningPot[];
}

/** Clocks are heard when their voice changes, and bubbles when they are due; nothing is told twice. */
export function Voices({ copy, state, clock: bench, pots }: VoicesProps): null {
  const now = useBenchNow(bench);
  const alarm = useAlarm();
  const heard = useRef<Map<string, number> | undefined>(undefined);
  useEffect(() => {
    // What was so when the bench was opened was heard before.
    const isFirst = heard.current === undefined;
    const said = (heard.current ??= new Map<string, number>());
    for (const { lane, answer } of pots) {
      const clock = potClockOf(copy, lane, answer, now);
      if (clock?.isRunning !== true) continue;
      const level = loudness(clock.voice);
      if (level > (said.get(lane.id) ?? 0) && !isFirst) {
        const isStop = clock.voice === 'nine-tenths' || clock.voice === 'over';
        alarm(isStop ? 'stop' : 'clock', potVoiceSpoken[clock.voice]);
      }
      said.set(lane.id, level);
    }
    for (const lane of state.lanes.filter(isAfterLane)) {
      const { next } = lane;
      if (next === undefined || now < lookOf(lane, next).dueAt) continue;
      if (!said.has(next.id) && !isFirst) alarm('clock', `Time: ${stepNames[next.kind]}.`);
      said.set(next.id, 1);
    }
  }, [pots, copy, state, now, alarm]);
  return null;
}
