import type { CardCalibration } from '../core/plan/heat/calibrationOf';
import type { Resin } from '../core/resin/resinSchema';
import { createWorkerClient } from './client';
import type { HeatWorker } from './heatWorker';

const client = createWorkerClient<HeatWorker>(
  () => new Worker(new URL('./heat.worker', import.meta.url)),
  { answerMs: 120_000, restMs: 5_000 },
);

/**
 * Calibrates cards in a thread of its own.
 * @throws InputError `worker-failed`, `worker-too-slow`
 */
export const calibrateCards = (cards: readonly Resin[]): Promise<CardCalibration[][]> =>
  client.ask((remote) => remote.calibrate(cards));
