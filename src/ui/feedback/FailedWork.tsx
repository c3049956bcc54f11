import { notifyManager, useQueryClient } from '@tanstack/react-query';
import { useCallback, useSyncExternalStore } from 'react';
import { InputError } from '../../core/problem';
import { WorkProblem } from './WorkProblem';

interface FailedWorkProps {
  /** The first word of the keys of what is asked for: `cup`, `cure`, `fit`, `listed`. */
  readonly of: string;
}

/**
 * Why something that is asked for in a thread and remembered could not be worked out, with a way to ask for all of it once more;
 * nothing where it could. What is shown meanwhile is shown beside it.
 */
export function FailedWork({ of }: FailedWorkProps) {
  const client = useQueryClient();
  const subscribe = useCallback(
    (listener: () => void) => client.getQueryCache().subscribe(notifyManager.batchCalls(listener)),
    [client],
  );
  const failed = useCallback(
    () =>
      client
        .getQueryCache()
        .findAll({ queryKey: [of], type: 'active' })
        .filter(({ state }) => state.status === 'error' && state.error instanceof InputError),
    [client, of],
  );
  const problem = useSyncExternalStore(subscribe, () => failed()[0]?.state.error);
  if (!(problem instanceof InputError)) return null;
  return (
    <WorkProblem
      problem={problem}
      onAgain={() => {
        for (const query of failed()) void query.fetch().catch(() => undefined);
      }}
    />
  );
}
