import { wrap } from 'comlink';
import type { CardCalibration } from '../core/plan/heat/calibrationOf';
import type { Resin } from '../core/resin/resinSchema';
import type { HeatWorker } from './heatWorker';

/** A thread that cannot start answers nothing: it is told by its error alone. */
const failureOf = (thread: Worker): Promise<never> =>
  new Promise((_, reject) => {
    thread.addEventListener('error', ({ message }) => reject(new Error(message)));
  });

/**
 * Calibrates cards in a thread of its own, which ends with the answer.
 * Rejects where the thread cannot run.
 */
export async function calibrateCards(cards: readonly Resin[]): Promise<CardCalibration[][]> {
  const thread = new Worker(new URL('./heat.worker', import.meta.url));
  try {
    return await Promise.race([wrap<HeatWorker>(thread).calibrate(cards), failureOf(thread)]);
  } finally {
    thread.terminate();
  }
}
