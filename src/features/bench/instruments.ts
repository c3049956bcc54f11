import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { useSettings } from '../../data/hooks/queries';
import type { Settings } from '../../data/records/settingsRecord';
import { hidScale } from '../../data/instruments/hidScale';
import type {
  DriverName,
  Instrument,
  InstrumentKind,
  InstrumentState,
} from '../../data/instruments/instrument';
import { serialInstrument, usualSerial } from '../../data/instruments/serialInstrument';
import { leaveSimulatedBench, simulatedInstrument } from '../../data/instruments/simulatedBench';

export type InstrumentSettings = NonNullable<Settings['instruments']>;
export type OwnInstrument = NonNullable<InstrumentSettings[InstrumentKind]>;

export const byHand: OwnInstrument = { driver: 'hand' };

type Opened = { [Kind in InstrumentKind]: Instrument<Kind> | undefined };

/** What stands at the bench: one of each kind for the whole page, whichever pour is on the screen. */
const opened: Opened = { scale: undefined, thermometer: undefined };
/** What each was opened with. */
const openedWith: Record<InstrumentKind, string | undefined> = {
  scale: undefined,
  thermometer: undefined,
};
const listeners = new Set<() => void>();
const tell = (): void => listeners.forEach((listener) => listener());

function openScale(own: OwnInstrument, driver: DriverName, ask: boolean): Instrument<'scale'> {
  if (driver === 'hid') return hidScale(ask);
  return driver === 'serial'
    ? serialInstrument('scale', { ...usualSerial, ...own }, ask)
    : simulatedInstrument('scale');
}

function openThermometer(
  own: OwnInstrument,
  driver: DriverName,
  ask: boolean,
): Instrument<'thermometer'> {
  return driver === 'serial'
    ? serialInstrument('thermometer', { ...usualSerial, ...own }, ask)
    : simulatedInstrument('thermometer');
}

/**
 * Opens an instrument in the place of the one before; by hand there is none.
 * @param ask lets the person choose a device: only from a tap
 */
export function openInstrument(kind: InstrumentKind, own: OwnInstrument, ask: boolean): void {
  const settings = JSON.stringify(own);
  // What was just chosen is kept, and that is heard of here: it is open already.
  if (!ask && opened[kind] !== undefined && openedWith[kind] === settings) return;
  opened[kind]?.close();
  openedWith[kind] = settings;
  const { driver } = own;
  if (kind === 'scale') {
    opened.scale = driver === 'hand' ? undefined : openScale(own, driver, ask);
  } else {
    opened.thermometer = driver === 'hand' ? undefined : openThermometer(own, driver, ask);
  }
  tell();
}

/** Nobody is at a bench any more. */
function closeAll(): void {
  opened.scale?.close();
  opened.thermometer?.close();
  opened.scale = undefined;
  opened.thermometer = undefined;
  leaveSimulatedBench();
  tell();
}

const onOpened = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

const nothing: InstrumentState = { is: 'live', trouble: undefined, unread: 0 };
const never = (): (() => void) => () => undefined;

/** The instrument of a kind that stands at the bench; undefined by hand. */
export function useInstrument<Kind extends InstrumentKind>(kind: Kind): Opened[Kind] {
  return useSyncExternalStore<Opened[Kind]>(onOpened, () => opened[kind]);
}

/** How it stands. */
export function useInstrumentState(
  instrument: Instrument<InstrumentKind> | undefined,
): InstrumentState {
  return useSyncExternalStore(
    instrument?.onState ?? never,
    instrument === undefined ? () => nothing : instrument.state,
  );
}

/** What is set of instruments; by hand where nothing is. */
export function useOwnInstruments(): { readonly [Kind in InstrumentKind]: OwnInstrument } {
  const instruments = useSettings().data?.instruments;
  return useMemo(
    () => ({
      scale: instruments?.scale ?? byHand,
      thermometer: instruments?.thermometer ?? byHand,
    }),
    [instruments],
  );
}

/**
 * Opens the instruments that were set, while a bench is on the screen.
 * @param simulated practice: whatever is set, both are simulated
 */
export function useOpenInstruments(simulated: boolean): void {
  const own = useOwnInstruments();
  useEffect(() => {
    openInstrument('scale', simulated ? { driver: 'simulated' } : own.scale, false);
  }, [own.scale, simulated]);
  useEffect(() => {
    openInstrument('thermometer', simulated ? { driver: 'simulated' } : own.thermometer, false);
  }, [own.thermometer, simulated]);
  useEffect(() => {
    window.addEventListener('pagehide', leaveSimulatedBench);
    return () => {
      window.removeEventListener('pagehide', leaveSimulatedBench);
      closeAll();
    };
  }, []);
}
