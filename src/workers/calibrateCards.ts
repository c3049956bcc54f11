import { wrap } from 'comlink';
import type { CardCalibration } from '../core/plan/heat/calibrationOf';
import type { Resin } from '../core/resin/resinSchema';
import type { HeatWorker } from './heatWorker';

/** Calibrates cards in a thread of its own, which ends with the answer. */
export async function calibrateCards(cards: readonly Resin[]): Promise<CardCalibration[][]> {
  const thread = new Worker(new URL('./heat.worker', import.meta.url));
  try {
    return await wrap<HeatWorker>(thread).calibrate(cards);
  } finally {
    thread.terminate();
  }
}
