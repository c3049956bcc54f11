import { useState } from 'react';
import { InputError } from '../../core/problem';

/** Doing what may be refused, such as taking what somebody sent: what is wrong is told, and nothing of it is taken. */
export function useAttempt(): {
  readonly problem: InputError | undefined;
  readonly attempt: (work: () => Promise<void>) => Promise<void>;
} {
  const [problem, setProblem] = useState<InputError>();
  return {
    problem,
    async attempt(work) {
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
