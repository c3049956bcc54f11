import { proxy, wrap } from 'comlink';
import { useEffect, useState } from 'react';
import type { Job } from '../core/job/jobSchema';
import type { ChoicePeak } from '../core/plan/heat/withPeaks';
import type { Shelf } from '../core/plan/planTypes';
import type { HeatWorker } from './heatWorker';
import { withoutPhotos } from '../core/plan/withoutPhotos';

const none: readonly ChoicePeak[] = [];

/**
 * The peak of a job with every resin of the shelf, as they come; none while what is typed is not whole.
 * @param job undefined while what is typed is not whole
 */
export function useChoicePeaks(
  job: Job | undefined,
  pour: number,
  shelf: Shelf,
): readonly ChoicePeak[] {
  const [found, setFound] = useState<{ job: Job; pour: number; peaks: readonly ChoicePeak[] }>();
  useEffect(() => {
    if (job === undefined) return undefined;
    const thread = new Worker(new URL('./heat.worker', import.meta.url));
    let overtaken = false;
    const hear = proxy((peak: ChoicePeak) => {
      if (overtaken) return;
      setFound((last) => ({
        job,
        pour,
        peaks: last?.job === job && last.pour === pour ? [...last.peaks, peak] : [peak],
      }));
    });
    void wrap<HeatWorker>(thread).peaks(job, pour, withoutPhotos(shelf), hear);
    // A run that is overtaken by the next keystroke is stopped.
    return () => {
      overtaken = true;
      thread.terminate();
    };
  }, [job, pour, shelf]);
  return found?.job === job && found?.pour === pour ? (found?.peaks ?? none) : none;
}
