import { proxy, wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { InputError, type Problem } from '../core/problem';
import type { FilesWorker } from './filesWorker';
import { heard, type Told } from './told';

interface Running {
  readonly thread: Worker;
  readonly remote: Remote<FilesWorker>;
  /** Rejects when the thread is stopped: a thread that is gone answers nothing. */
  readonly stopped: Promise<never>;
  readonly stop: () => void;
}

function start(): Running {
  const thread = new Worker(new URL('./files.worker', import.meta.url));
  let reject: (reason: Error) => void = () => undefined;
  const stopped = new Promise<never>((_, no) => {
    reject = no;
  });
  stopped.catch(() => undefined);
  // Out of memory, mostly: the thread is gone, and what it was asked is not answered.
  thread.addEventListener('error', () => reject(new InputError('reader-broke-off', undefined)));
  return {
    thread,
    remote: wrap<FilesWorker>(thread),
    stopped,
    stop: () => {
      thread.terminate();
      reject(new Stopped());
    },
  };
}

class Stopped extends Error {}

/** A reader that comes no further for so long is stopped, ms. */
const stillMs = 60_000;

/** Work on a file that goes on in a worker: how far it is, what went wrong, and a way to stop it. */
export interface FileWork {
  /** 0 … 1 while something is being read; undefined at rest. */
  readonly progress: number | undefined;
  readonly problem: Problem | undefined;
  /** Runs work in the worker; nothing where it was stopped or the file is wrong, which `problem` tells then. */
  readonly run: <T>(
    work: (remote: Remote<FilesWorker>, onProgress: (share: number) => void) => Promise<Told<T>>,
  ) => Promise<T | undefined>;
  readonly stop: () => void;
}

/** One worker for one editor: started when it is first needed, gone with the editor. */
export function useFiles(): FileWork {
  const running = useRef<Running>(null);
  const [progress, setProgress] = useState<number>();
  const [problem, setProblem] = useState<Problem>();

  const stop = (): void => {
    running.current?.stop();
    running.current = null;
    setProgress(undefined);
  };
  useEffect(() => () => running.current?.stop(), []);

  async function run<T>(
    work: (remote: Remote<FilesWorker>, onProgress: (share: number) => void) => Promise<Told<T>>,
  ): Promise<T | undefined> {
    running.current ??= start();
    const { remote, stopped } = running.current;
    setProblem(undefined);
    setProgress(0);
    let watch: ReturnType<typeof setTimeout> | undefined;
    const wait = (): void => {
      clearTimeout(watch);
      watch = setTimeout(() => {
        stop();
        setProblem(new InputError('reader-too-slow', undefined, { seconds: stillMs / 1000 }));
      }, stillMs);
    };
    const onProgress = (share: number): void => {
      wait();
      setProgress(share);
    };
    try {
      wait();
      const answer = await Promise.race([work(remote, proxy(onProgress)), stopped]);
      return heard(answer);
    } catch (error) {
      if (error instanceof InputError) setProblem(error);
      else if (!(error instanceof Stopped)) throw error;
      return undefined;
    } finally {
      clearTimeout(watch);
      setProgress(undefined);
    }
  }

  return { progress, problem, run, stop };
}
