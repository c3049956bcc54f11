import { useCallback, useMemo, useState, useSyncExternalStore } from 'react';
import {
  beginWeighing,
  weighed,
  type Weighing,
  type WeighingNotice,
} from '../../core/bench/weighing';
import type { Instrument } from '../../data/instruments/instrument';
import { frameStore, type FrameStore } from './frameStore';
import { useInstrument } from './instruments';

/** A part on a live scale, and what was noticed last, until something else is. */
export interface Noticed {
  readonly weighing: Weighing;
  readonly notice: WeighingNotice | undefined;
}

/** One part on a live scale: what it tells is drawn by whoever looks at it, once a frame. */
export interface Weigher extends Pick<FrameStore<Noticed>, 'get' | 'subscribe'> {
  readonly change: (change: (before: Weighing) => Weighing) => void;
}

const noticed = (before: Noticed, weighing: Weighing): Noticed => ({
  weighing,
  notice: weighing.notice ?? before.notice,
});

function weigher(
  scale: Instrument<'scale'>,
  contentG: number,
  stepG: number,
  isTared: boolean,
): Weigher {
  const store = frameStore<Noticed>(
    { weighing: beginWeighing(contentG, isTared || contentG > 0), notice: undefined },
    (change) =>
      scale.onReading((reading, at) =>
        change((before) => noticed(before, weighed(before.weighing, reading, at, { stepG }))),
      ),
  );
  return {
    get: store.get,
    subscribe: store.subscribe,
    change: (to) => store.change((before) => noticed(before, to(before.weighing))),
  };
}

/**
 * Follows the weighing of one part: every reading counts, however fast they come.
 * @param contentG in the cup when the part is begun
 * @param isTared the scale was tared for it before
 * @returns undefined by hand
 */
export function useWeigher(contentG: number, stepG: number, isTared: boolean): Weigher | undefined {
  const scale = useInstrument('scale');
  const [began] = useState({ contentG, isTared });
  return useMemo(
    () => (scale === undefined ? undefined : weigher(scale, began.contentG, stepG, began.isTared)),
    [scale, began, stepG],
  );
}

/** All that the scale tells, as it tells it. */
export const useWeighed = ({ subscribe, get }: Weigher): Noticed =>
  useSyncExternalStore(subscribe, get);

const never = (): (() => void) => () => undefined;

/**
 * Something that follows from what the scale tells and changes seldom: only then is it heard of.
 * @param select gives plain data
 */
export function useSeldom<T extends object>(
  weighing: Weigher | undefined,
  select: (noticed: Noticed) => T,
): T | undefined {
  const read = useCallback(
    (): string | undefined => weighing && JSON.stringify(select(weighing.get())),
    [weighing, select],
  );
  const text = useSyncExternalStore(weighing?.subscribe ?? never, read);
  return useMemo(() => (text === undefined ? undefined : (JSON.parse(text) as T)), [text]);
}
