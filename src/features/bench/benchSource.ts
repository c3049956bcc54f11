import { createContext, useContext } from 'react';
import type { BenchCopy } from '../../core/bench/benchCopy';
import type { BenchState } from '../../core/bench/benchState';
import type { Deed } from '../../data/hooks/useLivePour';

/** Time at the bench: the clock's, or that of practice, which is faster. */
export interface BenchClock {
  /** Ms since 1970. */
  readonly now: () => number;
  /** So much faster than a clock; 1 for the clock itself. */
  readonly speed: number;
}

/** A pour that is on the screen: kept, or practised. */
export interface BenchSource {
  readonly id: string;
  readonly copy: BenchCopy;
  readonly state: BenchState;
  readonly clock: BenchClock;
  /** Writes what was done. Resolves when it is stored: until then the screen stands. */
  readonly act: (deed: Deed) => Promise<void>;
  /** Undefined at a real pour. */
  readonly practice:
    | {
        readonly setSpeed: (speed: number) => void;
        /** Lets so much time pass at once, ms. */
        readonly pass: (ms: number) => void;
        /** Goes to what came of it. */
        readonly end: () => void;
      }
    | undefined;
}

export const BenchContext = createContext<BenchSource | null>(null);

/** The pour that is on the screen. */
export function useBench(): BenchSource {
  const source = useContext(BenchContext);
  if (source === null) throw new Error('useBench outside of a bench');
  return source;
}
