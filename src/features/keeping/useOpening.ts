import { useRef, useState } from 'react';
import type { Problem } from '../../core/problem';
import { useStore } from '../../data/hooks/DataProvider';
import { useAttempt } from '../../data/hooks/useAttempt';
import type { Held } from '../../data/workshop/heldAgainst';
import type { Kept } from '../../data/workshop/kept';
import { keptIn } from '../../data/workshop/keptIn';
import { openWorkshop } from '../../workers/workshopThread';

/** A file of everything, held against what was kept here then. */
export interface Opened {
  readonly held: Held;
  readonly here: Kept;
}

/** Opening a file or a copy of everything: it is read and compared in a thread, and nothing is taken yet. */
export interface Opening {
  readonly opened: Opened | undefined;
  readonly isReading: boolean;
  readonly problem: Problem | undefined;
  readonly open: (file: Blob, beside?: ReadonlyMap<string, string>) => Promise<void>;
  readonly stop: () => void;
  readonly leave: () => void;
}

export function useOpening(): Opening {
  const store = useStore();
  const { problem, attempt } = useAttempt();
  const [opened, setOpened] = useState<Opened>();
  const [isReading, setReading] = useState(false);
  const stopper = useRef<AbortController>(null);
  return {
    opened,
    isReading,
    problem,
    async open(file, beside) {
      const { signal } = (stopper.current = new AbortController());
      setOpened(undefined);
      setReading(true);
      try {
        await attempt(async () => {
          const here = await keptIn(store);
          const toOpen = { file, here, ...(beside === undefined ? {} : { beside }) };
          setOpened({ here, held: await openWorkshop(toOpen, signal) });
        });
      } catch (error) {
        if (!signal.aborted) throw error;
      } finally {
        setReading(false);
      }
    },
    stop: () => stopper.current?.abort(),
    leave: () => setOpened(undefined),
  };
}
