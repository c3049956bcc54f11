import { createWorkerClient } from './client';
import type { ScanWorker } from './scanWorker';

/**
 * A thread that looks for codes, for as long as somebody scans.
 * Its `find` rejects with InputError `worker-failed` or `worker-too-slow`.
 */
export function startScanning(): {
  readonly find: (...picture: Parameters<ScanWorker['find']>) => Promise<string | undefined>;
  readonly stop: () => void;
} {
  const client = createWorkerClient<ScanWorker>(
    () => new Worker(new URL('./scan.worker', import.meta.url)),
    { answerMs: 20_000 },
  );
  return {
    find: (...picture) => client.ask((remote) => remote.find(...picture)),
    stop: client.stop,
  };
}
