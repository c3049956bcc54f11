import type { PourRecord } from '../core/record/recordSchema';
import type { ReadingsFit } from '../core/thermal/fit/fitReadings';
import type { Told } from './told';

/** Fitting records, over the thread's border: up to two seconds a pour. */
export interface LearnWorker {
  readonly fit: (pour: PourRecord) => Promise<Told<ReadingsFit | undefined>>;
}
