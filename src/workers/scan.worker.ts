import { expose } from 'comlink';
import jsQR from 'jsqr';
import type { ScanWorker } from './scanWorker';

const worker: ScanWorker = {
  find: async (pixels, width, height) => jsQR(pixels, width, height)?.data,
};

expose(worker);
