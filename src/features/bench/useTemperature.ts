import { useMemo, useSyncExternalStore } from 'react';
import type { ThermometerReading } from '../../core/instruments/thermometerLines';
import { frameStore } from './frameStore';
import { useInstrument } from './instruments';

/** What a thermometer said, and when, ms. */
export interface LiveTemperature {
  readonly reading: ThermometerReading;
  readonly at: number;
}

const never = (): (() => void) => () => undefined;

/** What the thermometer says now; undefined by hand. */
export function useTemperature(): LiveTemperature | undefined {
  const thermometer = useInstrument('thermometer');
  const store = useMemo(
    () =>
      thermometer &&
      frameStore<LiveTemperature | undefined>(undefined, (change) =>
        thermometer.onReading((reading, at) => change(() => ({ reading, at }))),
      ),
    [thermometer],
  );
  return useSyncExternalStore(store?.subscribe ?? never, () => store?.get());
}
