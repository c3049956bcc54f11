import type { Remote } from 'comlink';
import { startTransition, useCallback, useEffect, useState } from 'react';
import { InputError, type Problem } from '../core/problem';
import { WorkerStopped, type WorkerClient } from './client';

/** What a worker has been asked by a screen, as far as it is answered. */
export interface Worked<T> {
  /** The last answer; it stays until there is a newer one. */
  readonly value: T | undefined;
  /** Why there is none for what is asked now. */
  readonly problem: Problem | undefined;
  readonly busy: boolean;
  /** Asks the same once more. */
  readonly again: () => void;
}

interface State<T> {
  readonly value: T | undefined;
  readonly problem: Problem | undefined;
  readonly busy: boolean;
}

/**
 * Asks a worker of the screen's own; a change stops what is overtaken, and the worker goes with the screen.
 * @param start makes the client; the same function at each call
 * @param work what is asked; the same function while nothing changed, undefined while there is nothing to ask
 */
export function useWorked<Api, T>(
  start: () => WorkerClient<Api>,
  work: ((remote: Remote<Api>) => Promise<T>) | undefined,
): Worked<T> {
  const [client] = useState(start);
  const [turn, setTurn] = useState(0);
  const [state, setState] = useState<State<T>>({
    value: undefined,
    problem: undefined,
    busy: true,
  });
  useEffect(() => client.stop, [client]);
  useEffect(() => {
    if (work === undefined) return undefined;
    const overtaken = new AbortController();
    // Typing goes before drawing: what is told is drawn in pieces between two keys.
    const tell = (change: (last: State<T>) => State<T>): void => {
      if (!overtaken.signal.aborted) startTransition(() => setState(change));
    };
    tell((last) => ({ ...last, busy: true }));
    client.ask(work, overtaken.signal).then(
      (value) => tell(() => ({ value, problem: undefined, busy: false })),
      (error: unknown) => {
        if (overtaken.signal.aborted || error instanceof WorkerStopped) return;
        if (!(error instanceof InputError)) throw error;
        tell(() => ({ value: undefined, problem: error, busy: false }));
      },
    );
    return () => overtaken.abort(new WorkerStopped());
  }, [client, work, turn]);
  const again = useCallback(() => setTurn((last) => last + 1), []);
  return { ...state, again };
}
