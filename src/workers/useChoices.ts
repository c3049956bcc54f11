import { wrap } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import type { Job } from '../core/job/jobSchema';
import { chooseResin, type ResinChoice } from '../core/plan/chooseResin';
import type { Shelf } from '../core/plan/planTypes';
import type { ChooseWorker } from './chooseWorker';
import { heard } from './told';
import { withoutPhotos } from '../core/plan/withoutPhotos';

/** Up to this many cards are held against a job between a keystroke and the next picture. */
const mostHere = 200;

/**
 * Every resin of the shelf held against a job; undefined while many cards are still being worked through in a worker.
 * @param job undefined while what is typed is not whole
 * @param pour counted from 0
 */
export function useChoices(
  job: Job | undefined,
  pour: number,
  shelf: Shelf,
  today: string,
): readonly ResinChoice[] | undefined {
  const many = shelf.resins.length > mostHere;
  const here = useMemo(
    () => (job === undefined || many ? undefined : chooseResin(job, pour, shelf, today)),
    [job, pour, shelf, today, many],
  );
  const [there, setThere] = useState<{ job: Job; pour: number; choices: readonly ResinChoice[] }>();
  useEffect(() => {
    if (job === undefined || !many) return undefined;
    const thread = new Worker(new URL('./choose.worker', import.meta.url));
    void wrap<ChooseWorker>(thread)
      .choose(job, pour, withoutPhotos(shelf), today)
      .then((answer) => setThere({ job, pour, choices: heard(answer) }));
    // A run that is overtaken by the next keystroke is stopped.
    return () => thread.terminate();
  }, [job, pour, shelf, today, many]);
  return here ?? (there?.job === job && there?.pour === pour ? there?.choices : undefined);
}
