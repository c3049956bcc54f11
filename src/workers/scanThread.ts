import { wrap } from 'comlink';
import type { ScanWorker } from './scanWorker';

/** A thread that looks for codes, for as long as somebody scans. */
export function startScanning(): {
  readonly find: ScanWorker['find'];
  readonly stop: () => void;
} {
  const thread = new Worker(new URL('./scan.worker', import.meta.url));
  const remote = wrap<ScanWorker>(thread);
  return {
    find: (pixels, width, height) => remote.find(pixels, width, height),
    stop: () => thread.terminate(),
  };
}
