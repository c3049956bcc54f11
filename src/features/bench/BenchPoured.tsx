import { useMemo, type ReactNode } from 'react';
import { isBatchLane } from '../../core/bench/lanes';
import { PouredContext, type PouredShare } from '../../ui/section/poured';
import { useBench } from './benchSource';

interface BenchPouredProps {
  /** What is being poured just now, and how much of it. */
  readonly pouring?: { readonly lane: string; readonly share: number } | undefined;
  readonly children: ReactNode;
}

/** Lets a Section show how far this pour has come: earlier pours are in, later ones are not. */
export function BenchPoured({ pouring, children }: BenchPouredProps) {
  const { copy, state } = useBench();
  const poured = useMemo(
    (): PouredShare => (pour, layer) => {
      if (pour.index !== copy.pour) return pour.index < copy.pour ? 1 : 0;
      if (layer < copy.before.length) return 1;
      const lanes = state.lanes.filter(isBatchLane).filter((lane) => lane.layer === layer);
      const all = lanes.reduce((sum, { batch }) => sum + batch.group.ml, 0);
      if (all === 0) return 0;
      const inMould = lanes.reduce((sum, { id, batch, pouredAt }) => {
        const share = pouredAt !== undefined ? 1 : id === pouring?.lane ? pouring.share : 0;
        return sum + batch.group.ml * share;
      }, 0);
      return inMould / all;
    },
    [copy, state, pouring],
  );
  return <PouredContext value={poured}>{children}</PouredContext>;
}
