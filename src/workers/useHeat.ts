import { proxy } from 'comlink';
import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import { InputError, type Problem } from '../core/problem';
import { createWorkerClient, WorkerStopped, type WorkerClient } from './client';
import type { HeatAnswer, HeatMore, HeatRequest, HeatWorker } from './heatWorker';
import { heard } from './told';

/** The heat of a job as far as it is worked out. */
export interface HeatFound {
  readonly answer: HeatAnswer | undefined;
  readonly more: Partial<HeatMore>;
  readonly problem: Problem | undefined;
  /** Something is still being worked out. */
  readonly busy: boolean;
}

export interface HeatState extends HeatFound {
  /** Works the same out once more. */
  readonly again: () => void;
}

const nothingYet: HeatFound = { answer: undefined, more: {}, problem: undefined, busy: true };

const startClient = (): WorkerClient<HeatWorker> =>
  createWorkerClient<HeatWorker>(() => new Worker(new URL('./heat.worker', import.meta.url)), {
    answerMs: 120_000,
  });

/** Two threads: one answers at once and is never stopped, the other is stopped by the next change. */
const startThreads = () => ({ quick: startClient(), slow: startClient() });

/** What the quick one is at. */
interface Following {
  isBusy: boolean;
  /** What it goes on with: only the latest change counts. */
  next: (() => void) | undefined;
}

/**
 * The heat of a job: first figures and pictures, then ranges, advice and the rest as they come. A change stops what is
 * overtaken; what was told stays on the screen until there is something newer.
 * @param wanted `figures`: no ranges, no advice, for a comparison
 * @param request undefined while what is typed is not whole; the same object while nothing changed
 */
export function useHeat(
  request: HeatRequest | undefined,
  wanted: 'figures' | 'all' = 'all',
): HeatState {
  const [state, setState] = useState(nothingYet);
  const [turn, setTurn] = useState(0);
  const [threads] = useState(startThreads);
  const following = useRef<Following>({ isBusy: false, next: undefined });
  useEffect(
    () => () => {
      threads.quick.stop();
      threads.slow.stop();
    },
    [threads],
  );
  useEffect(() => {
    if (request === undefined) return undefined;
    const held = following.current;
    const overtaken = new AbortController();
    const { signal } = overtaken;
    // Typing goes before drawing: what is told is drawn in pieces between two keys.
    const tell = (change: (last: HeatFound) => HeatFound): void => {
      if (!signal.aborted) startTransition(() => setState(change));
    };
    const follow = async (): Promise<HeatAnswer> => {
      held.isBusy = true;
      try {
        return heard(await threads.quick.ask(async (remote) => remote.follow(request)));
      } finally {
        held.isBusy = false;
        const { next } = held;
        held.next = undefined;
        next?.();
      }
    };
    const run = async (): Promise<void> => {
      const answer = await follow();
      if (signal.aborted) return;
      const isAll = wanted === 'all';
      tell(() => ({ answer, more: {}, problem: undefined, busy: isAll }));
      if (!isAll) return;
      const told = await threads.slow.ask(
        async (remote, alive) =>
          remote.more(
            request,
            proxy((each: Partial<HeatMore>) => {
              alive();
              tell((last) => ({ ...last, more: { ...last.more, ...each } }));
            }),
          ),
        signal,
      );
      heard(told);
      tell((last) => ({ ...last, busy: false }));
    };
    const start = (): void =>
      void run().catch((error: unknown) => {
        if (error instanceof WorkerStopped) return;
        if (!(error instanceof InputError)) throw error;
        tell(() => ({ problem: error, busy: false, answer: undefined, more: {} }));
      });
    if (held.isBusy) held.next = start;
    else start();
    return () => {
      overtaken.abort(new WorkerStopped());
      if (held.next === start) held.next = undefined;
    };
  }, [request, wanted, turn, threads]);
  const again = useCallback(() => setTurn((last) => last + 1), []);
  return { ...state, again };
}
