import { wrap } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import type { Job } from '../core/job';
import { chooseResin, type ResinChoice } from '../core/plan/chooseResin';
import type { Shelf } from '../core/plan/planTypes';
import type { ChooseWorker } from './chooseWorker';
import { heard } from './told';

/** Up to this many cards are held against a job between a keystroke and the next picture. */
const mostHere = 200;

/**
 * Every resin of the shelf held against a job; undefined while many cards are still being worked through in a worker.
 * @param job undefined while what is typed is not whole
 */
export function useChoices(
  job: Job | undefined,
  shelf: Shelf,
  today: string,
): readonly ResinChoice[] | undefined {
  const many = shelf.resins.length > mostHere;
  const here = useMemo(
    () => (job === undefined || many ? undefined : chooseResin(job, shelf, today)),
    [job, shelf, today, many],
  );
  const [there, setThere] = useState<{ job: Job; choices: readonly ResinChoice[] }>();
  useEffect(() => {
    if (job === undefined || !many) return undefined;
    const thread = new Worker(new URL('./choose.worker', import.meta.url));
    void wrap<ChooseWorker>(thread)
      .choose(job, shelf, today)
      .then((answer) => setThere({ job, choices: heard(answer) }));
    // A run that is overtaken by the next keystroke is stopped.
    return () => thread.terminate();
  }, [job, shelf, today, many]);
  return here ?? (there?.job === job ? there?.choices : undefined);
}
