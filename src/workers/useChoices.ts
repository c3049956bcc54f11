import { wrap, type Remote } from 'comlink';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import type { Job } from '../core/job/jobSchema';
import { chooseResin, type ResinChoice } from '../core/plan/choose/chooseResin';
import type { Shelf } from '../core/plan/planTypes';
import { withoutPhotos } from '../core/plan/withoutPhotos';
import type { ChooseWorker } from './chooseWorker';
import { heard } from './told';

interface Thread {
  readonly worker: Worker;
  readonly remote: Remote<ChooseWorker>;
  busy: boolean;
}

/** A page without threads works it out itself. */
const hasThreads = typeof Worker !== 'undefined';

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
): readonly ResinChoice[] | undefined {
  const here = useMemo(
    () => (job === undefined || hasThreads ? undefined : chooseResin(job, pour, shelf, today)),
    [job, pour, shelf, today],
  );
  const [there, setThere] = useState<{ pour: number; choices: readonly ResinChoice[] }>();
  const held = useRef<Thread | undefined>(undefined);
  useEffect(() => () => held.current?.worker.terminate(), []);
  useEffect(() => {
    if (job === undefined || !hasThreads) return undefined;
    if (held.current === undefined) {
      const worker = new Worker(new URL('./choose.worker', import.meta.url));
      held.current = { worker, remote: wrap<ChooseWorker>(worker), busy: false };
    }
    const thread = held.current;
    let overtaken = false;
    thread.busy = true;
    void thread.remote.choose(job, pour, withoutPhotos(shelf), today).then((answer) => {
      if (overtaken) return;
      thread.busy = false;
      startTransition(() => setThere({ pour, choices: heard(answer) }));
    });
    return () => {
      overtaken = true;
      // One that is done keeps what it followed for the next change; one at work is stopped.
      if (!thread.busy) return;
      thread.worker.terminate();
      held.current = undefined;
    };
  }, [job, pour, shelf, today]);
  return here ?? (job !== undefined && there?.pour === pour ? there.choices : undefined);
}
