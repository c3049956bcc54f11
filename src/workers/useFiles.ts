import { proxy, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import { InputError, type Problem } from '../core/problem';
import { createWorkerClient, WorkerStopped } from './client';
import type { FilesWorker } from './filesWorker';
import { asReader, heard, type Told } from './told';

const startClient = () =>
  createWorkerClient<FilesWorker>(
    () => new Worker(new URL('./files.worker', import.meta.url)),
    // A reader that comes no further for so long is stopped.
    { answerMs: 60_000 },
  );

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
  const [client] = useState(startClient);
  const [progress, setProgress] = useState<number>();
  const [problem, setProblem] = useState<Problem>();
  useEffect(() => client.stop, [client]);

  const run: FileWork['run'] = async (work) => {
    setProblem(undefined);
    setProgress(0);
    try {
      return heard(
        await client.ask((remote, alive) =>
          work(
            remote,
            proxy((share: number) => {
              alive();
              setProgress(share);
            }),
          ),
        ),
      );
    } catch (error) {
      if (error instanceof WorkerStopped) return undefined;
      const told = asReader(error);
      if (!(told instanceof InputError)) throw told;
      setProblem(told);
      return undefined;
    } finally {
      setProgress(undefined);
    }
  };

  return { progress, problem, run, stop: client.stop };
}
