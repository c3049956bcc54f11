import { fitOfPour } from '../core/learn/pourFit';
import type { PourRecord } from '../core/record/recordSchema';
import type { ReadingsFit } from '../core/thermal/fit/fitReadings';
import { createWorkerClient, hasWorkers } from './client';
import type { LearnWorker } from './learnWorker';
import { heard } from './told';

const client = createWorkerClient<LearnWorker>(
  () => new Worker(new URL('./learn.worker', import.meta.url)),
  { answerMs: 120_000 },
);

/**
 * What the readings of a recorded pour say of its resin, in a thread of their own: it is busy for a while.
 * @throws InputError `heat-lost-itself`, `worker-failed`, `worker-too-slow`
 */
export const askFit = async (pour: PourRecord): Promise<ReadingsFit | undefined> =>
  hasWorkers ? heard(await client.ask(async (remote) => remote.fit(pour))) : fitOfPour(pour);
