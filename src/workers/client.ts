import { wrap, type Remote } from 'comlink';
import { InputError } from '../core/problem';

/** A page without workers, as in tests of screens, works things out itself. */
export const hasWorkers = typeof Worker !== 'undefined';

/** How long a worker is waited for, and how long it is kept, ms. */
export interface WorkerLimits {
  /** Without an answer, or a sign of progress, for so long it is stopped. */
  readonly answerMs: number;
  /** One that nothing is asked of for so long is let go; without it, it stays. */
  readonly restMs?: number;
}

/** One worker and its typed calls. It starts when it is first asked, and again after it has failed or was stopped. */
export interface WorkerClient<Api> {
  /**
   * Asks the worker. Where it fails (it cannot be loaded, is out of memory, or breaks inside) it is started once more and asked again.
   * @param work the calls; what takes long calls `alive` now and then, and the limit begins again
   * @param signal rejects with its reason; where nothing else is asked, the worker is stopped too
   * @throws InputError `worker-failed`, `worker-too-slow`, and what the worker itself refuses (`heard`)
   */
  readonly ask: <T>(
    work: (remote: Remote<Api>, alive: () => void) => Promise<T>,
    signal?: AbortSignal,
  ) => Promise<T>;
  /** Ends the worker; whatever it was asked rejects with `WorkerStopped`. */
  readonly stop: () => void;
}

/** What was asked is not wanted any more. */
export class WorkerStopped extends Error {
  override readonly name = 'WorkerStopped';
}

/** The worker is gone, and may do better when it is started again. */
class WorkerBroke extends Error {
  override readonly name = 'WorkerBroke';
}

interface Running<Api> {
  readonly remote: Remote<Api>;
  /** Rejects once the worker is gone: one that is gone answers nothing. */
  readonly gone: Promise<never>;
  readonly end: (reason: Error) => void;
  /** How many answers are waited for. */
  asked: number;
}

/** A promise that is only ever rejected, from outside; nobody need listen to it. */
function rejectable(): {
  readonly promise: Promise<never>;
  readonly reject: (why: unknown) => void;
} {
  let reject: (why: unknown) => void = () => undefined;
  const promise = new Promise<never>((_, no) => {
    reject = no;
  });
  promise.catch(() => undefined);
  return { promise, reject };
}

/**
 * The one way to talk to a worker.
 * @param start makes the worker, literally by `new Worker(new URL('./name.worker', import.meta.url))`, which the build reads
 */
export function createWorkerClient<Api>(
  start: () => Worker,
  { answerMs, restMs }: WorkerLimits,
): WorkerClient<Api> {
  let running: Running<Api> | undefined;
  let rest: ReturnType<typeof setTimeout> | undefined;

  function begin(): Running<Api> {
    const worker = start();
    const { promise: gone, reject } = rejectable();
    const begun: Running<Api> = {
      remote: wrap<Api>(worker),
      gone,
      end(reason) {
        worker.terminate();
        if (running === begun) running = undefined;
        reject(reason);
      },
      asked: 0,
    };
    const broke = (event: Event): void =>
      begun.end(new WorkerBroke((event as Partial<ErrorEvent>).message));
    worker.addEventListener('error', broke);
    worker.addEventListener('messageerror', broke);
    return begun;
  }

  /** What is thrown inside of it, and is no refusal, is a fault: the next question goes to a new one. */
  function asBroken(own: Running<Api>, error: unknown): never {
    if (error instanceof InputError || error instanceof WorkerStopped) throw error;
    const broke = new WorkerBroke(error instanceof Error ? error.message : String(error));
    own.end(broke);
    throw broke;
  }

  async function askOnce<T>(
    work: (remote: Remote<Api>, alive: () => void) => Promise<T>,
    signal: AbortSignal | undefined,
  ): Promise<T> {
    signal?.throwIfAborted();
    clearTimeout(rest);
    const own = (running ??= begin());
    own.asked += 1;
    const { promise: givenUp, reject: giveUp } = rejectable();
    const cancel = (): void => {
      giveUp(signal?.reason);
      // Others may still wait for it.
      if (own.asked === 1) own.end(new WorkerStopped());
    };
    signal?.addEventListener('abort', cancel, { once: true });
    let timer: ReturnType<typeof setTimeout> | undefined;
    const alive = (): void => {
      clearTimeout(timer);
      timer = setTimeout(() => {
        const tooSlow = new InputError('worker-too-slow', undefined, { seconds: answerMs / 1000 });
        giveUp(tooSlow);
        own.end(tooSlow);
      }, answerMs);
    };
    alive();
    try {
      const answer = work(own.remote, alive).catch((error: unknown) => asBroken(own, error));
      return await Promise.race([answer, own.gone, givenUp]);
    } finally {
      clearTimeout(timer);
      signal?.removeEventListener('abort', cancel);
      own.asked -= 1;
      if (restMs !== undefined && own.asked === 0) {
        rest = setTimeout(() => own.end(new WorkerStopped()), restMs);
      }
    }
  }

  return {
    async ask(work, signal) {
      try {
        return await askOnce(work, signal);
      } catch (error) {
        if (!(error instanceof WorkerBroke)) throw error;
      }
      try {
        return await askOnce(work, signal);
      } catch (error) {
        if (!(error instanceof WorkerBroke)) throw error;
        throw new InputError('worker-failed', error.message);
      }
    },
    stop: () => running?.end(new WorkerStopped()),
  };
}
