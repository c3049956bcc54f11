import { wrap, type Remote } from 'comlink';
import { fitOfPour } from '../core/learn/pourFit';
import type { PourRecord } from '../core/record/recordSchema';
import type { ReadingsFit } from '../core/thermal/fit/fitReadings';
import type { LearnWorker } from './learnWorker';
import { heard } from './told';

/** A page without threads works it out itself. */
const hasThreads = typeof Worker !== 'undefined';

let thread: Remote<LearnWorker> | undefined;

/**
 * What the readings of a recorded pour say of its resin, in a thread of their own: it is busy for a while.
 * @throws InputError `heat-lost-itself`
 */
export async function askFit(pour: PourRecord): Promise<ReadingsFit | undefined> {
  if (!hasThreads) return fitOfPour(pour);
  thread ??= wrap<LearnWorker>(new Worker(new URL('./learn.worker', import.meta.url)));
  return heard(await thread.fit(pour));
}
