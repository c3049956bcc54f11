import { useState } from 'react';
import { InputError } from '../../core/problem';

/** Reading what somebody sent: what is wrong with it is told, and nothing of it is taken. */
export function useFileReading(): {
  readonly problem: InputError | undefined;
  readonly read: (work: () => Promise<void>) => Promise<void>;
} {
  const [problem, setProblem] = useState<InputError>();
  return {
    problem,
    async read(work) {
      setProblem(undefined);
      try {
        await work();
      } catch (error) {
        if (!(error instanceof InputError)) throw error;
        setProblem(error);
      }
    },
  };
}
