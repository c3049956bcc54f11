import type { FigureSource } from '../../core/bench/benchEvents';
import type { ScaleReading } from '../../core/instruments/scaleReading';
import type { ThermometerReading } from '../../core/instruments/thermometerLines';

/** What stands at a bench. */
export interface InstrumentReadings {
  readonly scale: ScaleReading;
  readonly thermometer: ThermometerReading;
}
export type InstrumentKind = keyof InstrumentReadings;

/** Where a figure of an instrument comes from. */
export type DriverName = Extract<FigureSource, 'simulated' | 'serial' | 'hid'>;

/** Why an instrument tells nothing. */
export type InstrumentTrouble =
  /** The browser cannot do it, or not here. */
  | 'not-here'
  /** Nobody chose one, or the browser was told no. */
  | 'not-chosen'
  /** Something else has it, or it does not open. */
  | 'not-opened'
  /** It was pulled out, or its connection is lost. */
  | 'lost'
  /** What comes is no reading in any format. */
  | 'not-understood';

/** How an instrument stands. */
export interface InstrumentState {
  readonly is: 'opening' | 'live' | 'trouble';
  readonly trouble: InstrumentTrouble | undefined;
  /** Lines, or reports, that were no readings. */
  readonly unread: number;
}

/** An instrument that tells by itself. Measuring by hand needs none. */
export interface Instrument<Kind extends InstrumentKind> {
  readonly kind: Kind;
  readonly driver: DriverName;
  readonly state: () => InstrumentState;
  readonly onState: (listener: () => void) => () => void;
  /** Hears every reading, as it comes. */
  readonly onReading: (
    listener: (reading: InstrumentReadings[Kind], at: number) => void,
  ) => () => void;
  readonly close: () => void;
}

/** What a driver tells its instrument. */
export interface Feed<Kind extends InstrumentKind> {
  readonly instrument: Omit<Instrument<Kind>, 'close'>;
  readonly read: (reading: InstrumentReadings[Kind]) => void;
  readonly unread: () => void;
  readonly stands: (is: InstrumentState['is'], trouble?: InstrumentTrouble) => void;
}

/** More than so many of what came, and none was a reading: it is another format, or another device. */
const hopeless = 25;

/** The half of an instrument that is the same for every driver: who hears it, and how it stands. */
export function createFeed<Kind extends InstrumentKind>(
  kind: Kind,
  driver: DriverName,
  now: () => number = Date.now,
): Feed<Kind> {
  let state: InstrumentState = { is: 'opening', trouble: undefined, unread: 0 };
  const listeners = new Set<() => void>();
  const hearers = new Set<(reading: InstrumentReadings[Kind], at: number) => void>();
  const set = (next: InstrumentState): void => {
    state = next;
    for (const listener of listeners) listener();
  };
  return {
    instrument: {
      kind,
      driver,
      state: () => state,
      onState(listener) {
        listeners.add(listener);
        return () => listeners.delete(listener);
      },
      onReading(listener) {
        hearers.add(listener);
        return () => hearers.delete(listener);
      },
    },
    read(reading) {
      if (state.is !== 'live') set({ is: 'live', trouble: undefined, unread: 0 });
      for (const hear of hearers) hear(reading, now());
    },
    unread() {
      const unread = state.unread + 1;
      if (unread === hopeless && state.is !== 'live') {
        set({ is: 'trouble', trouble: 'not-understood', unread });
      } else state = { ...state, unread };
    },
    stands(is, trouble) {
      set({ is, trouble, unread: 0 });
    },
  };
}
