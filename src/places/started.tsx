import type { ComponentType, ReactNode } from 'react';
import { useWholeStart } from '@/data/hooks/useWholeStart';
import { NotRead } from '@/features/keeping/NotRead';

/** Goes on with the start where no place has asked for it yet. */
export function WholeStart() {
  useWholeStart();
  return null;
}

/** A place that stands once everything that is kept was read. */
export function started(Place: ComponentType): () => ReactNode {
  return function Started() {
    const { start, tryAgain } = useWholeStart();
    if (start === 'unreadable') return <NotRead onTryAgain={tryAgain} />;
    return start === 'ready' ? <Place /> : null;
  };
}
