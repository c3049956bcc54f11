import { useEffect, useRef } from 'react';
import { lastEvent } from '../../core/bench/benchEvents';
import { batchInCup } from '../../core/bench/heating';
import { worthReading } from '../../core/bench/worthReading';
import { useBench } from './benchSource';
import { read } from './deeds';
import { useInstrument, useOwnInstruments } from './instruments';
import { useTemperature, type LiveTemperature } from './useTemperature';

/** A thermometer writes its own readings, as often as they have something to tell. */
export function AutoReadings(): null {
  const { state, act, clock } = useBench();
  const thermometer = useInstrument('thermometer');
  const { sees = 'core' } = useOwnInstruments().thermometer;
  const live = useTemperature();
  const cup = batchInCup(state);
  const layer = state.layers.findLast(({ pouredAt }) => pouredAt !== undefined);
  const seen = useRef<LiveTemperature>(undefined);
  useEffect(() => {
    // Once for each reading: one of a cup is none of the layer that it was poured into.
    if (live === undefined || seen.current === live) return;
    seen.current = live;
    const { c, raw } = live.reading;
    if (c === undefined || thermometer === undefined) return;
    const place = cup !== undefined ? 'cup' : layer === undefined ? undefined : sees;
    if (place === undefined) return;
    const now = clock.now();
    const last = lastEvent(
      state.events,
      (event) =>
        event.did === 'read' &&
        event.place === place &&
        event.lane === (place === 'cup' ? cup?.id : undefined),
    );
    if (!worthReading(last, now, c)) return;
    void act(read(place === 'cup' ? cup?.id : undefined, now, c, place, thermometer.driver, raw));
  }, [live, cup, layer, sees, thermometer, state.events, act, clock]);
  return null;
}
