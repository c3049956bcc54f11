import type { Remote } from 'comlink';
import { useMemo } from 'react';
import type { Job } from '../core/job/jobSchema';
import { chooseResin, type ResinChoice } from '../core/plan/choose/chooseResin';
import type { Shelf } from '../core/plan/planTypes';
import { withoutPhotos } from '../core/plan/withoutPhotos';
import type { ChooseWorker } from './chooseWorker';
import { createWorkerClient, hasWorkers } from './client';
import { heard } from './told';
import { useWorked, type Worked } from './useWorked';

/** The thread that holds cards against a pour and puts runs in order. */
export const startChoosing = () =>
  createWorkerClient<ChooseWorker>(() => new Worker(new URL('./choose.worker', import.meta.url)), {
    answerMs: 60_000,
  });

/**
 * Every resin of the shelf held against a job, each planned with its heat, in a thread. What was told of the same pour stays until
 * there is something newer; undefined until there is any.
 * @param job undefined while what is typed is not whole
 * @param pour counted from 0
 */
export function useChoices(
  job: Job | undefined,
  pour: number,
  shelf: Shelf,
  today: string,
): Worked<readonly ResinChoice[]> {
  const here = useMemo(
    () => (job === undefined || hasWorkers ? undefined : chooseResin(job, pour, shelf, today)),
    [job, pour, shelf, today],
  );
  const work = useMemo(() => {
    if (job === undefined || !hasWorkers) return undefined;
    const asked = withoutPhotos(shelf);
    return async (remote: Remote<ChooseWorker>) => ({
      pour,
      choices: heard(await remote.choose(job, pour, asked, today)),
    });
  }, [job, pour, shelf, today]);
  const there = useWorked(startChoosing, work);
  const told = job !== undefined && there.value?.pour === pour ? there.value.choices : undefined;
  return { ...there, value: here ?? told };
}
