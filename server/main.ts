import { resolve } from 'node:path';
import { createApp } from './app';
import { InstrumentSessions } from './instruments/sessions';
import { listen, PortTakenError } from './listen';
import { portOf, sayTaken } from './port';

/** Says why it did not start, and ends. */
function give(text: string, failed: boolean): void {
  (failed ? process.stderr : process.stdout).write(`${text}\n`);
  process.exitCode = failed ? 1 : 0;
}

async function main(): Promise<void> {
  const port = portOf(process.env['PORT']);
  if (typeof port === 'string') return give(port, true);
  const sessions = new InstrumentSessions();
  const startsEmpty = process.argv.includes('--empty');
  try {
    const { address, close } = await listen(
      createApp(resolve(process.env['APP'] ?? 'dist'), sessions),
      port,
    );
    process.stdout.write(`Nipperkin is at ${address}/${startsEmpty ? '?start=empty' : ''}\n`);
    const stop = (): void => {
      sessions.endAll();
      void close().then(() => process.exit(0));
    };
    process.once('SIGINT', stop);
    process.once('SIGTERM', stop);
  } catch (error) {
    if (!(error instanceof PortTakenError)) throw error;
    const { text, failed } = sayTaken(error.port, error.byNipperkin);
    give(text, failed);
  }
}

void main();
