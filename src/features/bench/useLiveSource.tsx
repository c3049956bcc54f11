import { useCallback, useMemo, type ReactNode } from 'react';
import { benchState } from '../../core/bench/benchState';
import { useLiveActions, type Deed, type LivePour } from '../../data/hooks/useLivePour';
import { Strip } from '../../ui/feedback/Strip';
import type { BenchClock, BenchSource } from './benchSource';
import { BigButton } from './BigButton';
import { useCureWatch } from './cure/useCureWatch';
import { useKeeping } from './useKeeping';
import { useTicked } from './useTicked';

const realClock: BenchClock = { now: () => Date.now(), speed: 1 };

/** A pour that is kept, as screens go by it. */
export interface LiveSource {
  readonly source: BenchSource;
  readonly keep: (work: () => Promise<void>) => Promise<void>;
  /** What says that something is not kept; nothing while all is. */
  readonly notKept: ReactNode;
  /** What the model makes of what was measured of it. */
  readonly cure: ReturnType<typeof useCureWatch>;
}

/** A stored pour for the screen: what is done is written, ticked in its days, and moves its clocks. */
export function useLiveSource(id: string, { record, copy }: LivePour): LiveSource {
  const actions = useLiveActions();
  const state = useMemo(() => benchState(copy, record.events), [copy, record.events]);
  const { keep, waiting, again } = useKeeping();
  const act = useCallback((deed: Deed) => keep(() => actions.act(id, deed)), [keep, actions, id]);
  const source = useMemo(
    (): BenchSource => ({ id, copy, state, clock: realClock, act, practice: undefined }),
    [id, copy, state, act],
  );
  useTicked(record.job, source, keep);
  const cure = useCureWatch(id, copy, state, act);
  const notKept =
    waiting > 0 ? (
      <Strip words="The storage of this browser gave no answer: what was done last is not kept. Leave this page open, and keep it again.">
        <BigButton label="Keep it again" onPress={() => void again()} />
      </Strip>
    ) : null;
  return { source, keep, notKept, cure };
}
