import { useMemo, useState, useSyncExternalStore } from 'react';
import {
  beginWeighing,
  weighed,
  type Weighing,
  type WeighingNotice,
} from '../../core/bench/weighing';
import type { Instrument } from '../../data/instruments/instrument';
import { frameStore, type FrameStore } from './frameStore';
import { useInstrument } from './instruments';

/** One part on a live scale. */
export interface LiveWeighing {
  readonly weighing: Weighing;
  /** What was noticed last, until something else is. */
  readonly notice: WeighingNotice | undefined;
  readonly change: (change: (before: Weighing) => Weighing) => void;
}

type Noticed = Omit<LiveWeighing, 'change'>;

const noticed = (before: Noticed, weighing: Weighing): Noticed => ({
  weighing,
  notice: weighing.notice ?? before.notice,
});

const weigher = (
  scale: Instrument<'scale'>,
  contentG: number,
  stepG: number,
  isTared: boolean,
): FrameStore<Noticed> =>
  frameStore<Noticed>(
    { weighing: beginWeighing(contentG, isTared || contentG > 0), notice: undefined },
    (change) =>
      scale.onReading((reading, at) =>
        change((before) => noticed(before, weighed(before.weighing, reading, at, { stepG }))),
      ),
  );

const never = (): (() => void) => () => undefined;

/**
 * Follows the weighing of one part: every reading counts, and what is drawn is drawn once a frame, however fast they come.
 * @param contentG in the cup when the part is begun
 * @param isTared the scale was tared for it before
 * @returns undefined by hand
 */
export function useWeighing(
  contentG: number,
  stepG: number,
  isTared: boolean,
): LiveWeighing | undefined {
  const scale = useInstrument('scale');
  const [began] = useState({ contentG, isTared });
  const store = useMemo(
    () => (scale === undefined ? undefined : weigher(scale, began.contentG, stepG, began.isTared)),
    [scale, began, stepG],
  );
  const shown = useSyncExternalStore(store?.subscribe ?? never, () => store?.get());
  return useMemo(
    () =>
      store === undefined || shown === undefined
        ? undefined
        : {
            ...shown,
            change: (to) => store.change((before) => noticed(before, to(before.weighing))),
          },
    [store, shown],
  );
}
