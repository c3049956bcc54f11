import { createFeed, type Instrument, type InstrumentKind } from './instrument';
import { lineReader, type LineSettings } from './lineReader';

/** How a serial line is set, as the manual of a scale says it. */
export interface SerialSettings extends LineSettings {
  readonly baudRate: number;
  readonly dataBits: number;
  readonly stopBits: number;
  readonly parity: 'none' | 'even' | 'odd';
}

export const usualSerial: SerialSettings = {
  baudRate: 9600,
  dataBits: 8,
  stopBits: 1,
  parity: 'none',
};

export const hasSerial = (): boolean => 'serial' in navigator;

/** The port that was let go of last: it is free again once this is settled. */
let letGo: Promise<void> = Promise.resolve();

/**
 * A scale or a thermometer that writes lines over a serial port.
 * @param ask lets the person choose a port: only from a tap. Otherwise the first one that was chosen before is opened.
 */
export function serialInstrument<Kind extends InstrumentKind>(
  kind: Kind,
  settings: SerialSettings,
  ask: boolean,
): Instrument<Kind> {
  const feed = createFeed(kind, 'serial');
  let isClosed = false;
  let port: SerialPort | undefined;
  let reader: ReadableStreamDefaultReader<Uint8Array> | undefined;

  const choose = async (): Promise<SerialPort | undefined> => {
    const known = await navigator.serial.getPorts();
    if (!ask) return known[0];
    try {
      return await navigator.serial.requestPort();
    } catch {
      // Nothing was chosen.
      return undefined;
    }
  };
  const listen = async (open: SerialPort): Promise<void> => {
    const { baudRate, dataBits, stopBits, parity } = settings;
    await letGo;
    if (isClosed) return undefined;
    try {
      await open.open({
        baudRate,
        dataBits: dataBits === 7 ? 7 : 8,
        stopBits: stopBits === 2 ? 2 : 1,
        parity,
      });
    } catch {
      return feed.stands('trouble', 'not-opened');
    }
    const read = lineReader(feed, settings);
    const decoder = new TextDecoder('latin1');
    // A parity or framing error ends one stream and not the port: the next one goes on.
    while (!isClosed && open.readable) {
      reader = open.readable.getReader() as ReadableStreamDefaultReader<Uint8Array>;
      try {
        for (;;) {
          const { value, done } = await reader.read();
          if (done) break;
          read(decoder.decode(value, { stream: true }));
        }
      } catch {
        feed.unread();
      } finally {
        reader.releaseLock();
      }
      if (!isClosed && open.readable) await Promise.resolve();
    }
    return undefined;
  };
  const onGone = (event: Event): void => {
    if (event.target === port) feed.stands('trouble', 'lost');
  };
  const onBack = (event: Event): void => {
    if (isClosed || feed.instrument.state().trouble !== 'lost') return;
    port = event.target as SerialPort;
    void listen(port);
  };
  const start = async (): Promise<void> => {
    if (!hasSerial()) return feed.stands('trouble', 'not-here');
    navigator.serial.addEventListener('disconnect', onGone);
    navigator.serial.addEventListener('connect', onBack);
    port = await choose();
    if (port === undefined) return feed.stands('trouble', 'not-chosen');
    return listen(port);
  };
  void start();
  return {
    ...feed.instrument,
    close() {
      isClosed = true;
      if (!hasSerial()) return;
      navigator.serial.removeEventListener('disconnect', onGone);
      navigator.serial.removeEventListener('connect', onBack);
      const open = port;
      letGo = (async () => {
        await reader?.cancel().catch(() => undefined);
        await open?.close().catch(() => undefined);
      })();
    },
  };
}
