import { useEffect, useSyncExternalStore } from 'react';
import type { Weigher } from './useWeighing';

/** What a simulated person would pour now: of the part that is on the scale, if any. */
interface Wanted {
  readonly weigher: Weigher;
  readonly targetG: number;
  readonly inG: number;
}

let wanted: Wanted | undefined;
const listeners = new Set<() => void>();
const tell = (): void => listeners.forEach((listener) => listener());

/** Says what is still to pour of the part in hand, for the simulated scale to pour. */
export function useWantedOf(weigher: Weigher | undefined, targetG: number, inG: number): void {
  useEffect(() => {
    if (weigher === undefined) return undefined;
    wanted = { weigher, targetG, inG };
    tell();
    return () => {
      wanted = undefined;
      tell();
    };
  }, [weigher, targetG, inG]);
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  let stop = wanted?.weigher.subscribe(listener);
  const again = (): void => {
    stop?.();
    stop = wanted?.weigher.subscribe(listener);
  };
  listeners.add(again);
  return () => {
    listeners.delete(listener);
    listeners.delete(again);
    stop?.();
  };
}

function leftG(): number {
  if (wanted === undefined) return 0;
  const { phase, contentG = wanted.inG } = wanted.weigher.get().weighing;
  return Math.max(0, wanted.targetG - (phase === 'pouring' ? contentG : wanted.inG));
}

/** What is still to pour of the part that is on the scale, g; 0 where there is none. */
export const useWantedG = (): number => useSyncExternalStore(subscribe, leftG);
