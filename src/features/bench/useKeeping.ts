import { useCallback, useState } from 'react';

type Work = () => Promise<void>;

/** Keeps what is done at a pour; what the storage gave no answer to waits, in order, until it is tried again. */
export function useKeeping(): {
  readonly keep: (work: Work) => Promise<void>;
  /** How much was done and is not kept. */
  readonly waiting: number;
  readonly again: Work;
} {
  const [waiting, setWaiting] = useState<readonly Work[]>([]);
  const keep = useCallback(async (work: Work) => {
    try {
      await work();
    } catch {
      setWaiting((before) => [...before, work]);
    }
  }, []);
  const again = async (): Promise<void> => {
    setWaiting([]);
    // What is written follows from how things stand: what was stored after all is not written twice.
    for (const work of waiting) await keep(work);
  };
  return { keep, waiting: waiting.length, again };
}
