import type { Express } from 'express';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';

/** Only this machine: the app has no accounts, and what it keeps is in the browser. */
const host = '127.0.0.1';

/** Who is slower than this in saying what they want is not a browser, ms. */
const headersMs = 10_000;
const requestMs = 30_000;
/** A connection on which nothing moves for so long is cut, ms: who takes an answer a letter an hour holds up the others. */
const stillMs = 60_000;
/** One machine has fewer; more than these are not taken. */
const mostConnections = 1_000;
/** How long running answers may take once the server is told to end, ms. */
const drainMs = 3_000;

export interface Listening {
  readonly address: string;
  /** Lets running answers end, for no longer than three seconds, then resolves. */
  readonly close: () => Promise<void>;
}

/** The port is not free; data belongs to an address, so no other is taken in its place. */
export class PortTakenError extends Error {
  constructor(
    readonly port: number,
    /** What is there is Nipperkin. */
    readonly byNipperkin: boolean,
  ) {
    super(`port ${port} is taken`);
    this.name = 'PortTakenError';
  }
}

function listenOn(server: Server, port: number): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => {
      server.off('error', reject);
      resolve();
    });
  });
}

/** Whether Nipperkin itself answers at a port of this machine. */
async function isNipperkin(port: number): Promise<boolean> {
  try {
    const answer = await fetch(`http://localhost:${port}/health`, {
      signal: AbortSignal.timeout(2_000),
    });
    const { app } = (await answer.json()) as { readonly app?: unknown };
    return app === 'nipperkin';
  } catch {
    return false;
  }
}

/**
 * Serves on a port.
 * Rejects with PortTakenError where something listens there already.
 * @param port 0 for any free one
 */
export async function listen(app: Express, port: number): Promise<Listening> {
  const server = createServer(
    { headersTimeout: headersMs, requestTimeout: requestMs, connectionsCheckingInterval: 1_000 },
    app,
  );
  server.setTimeout(stillMs);
  server.maxConnections = mostConnections;
  try {
    await listenOn(server, port);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
    throw new PortTakenError(port, await isNipperkin(port));
  }
  const { port: found } = server.address() as AddressInfo;
  return {
    address: `http://localhost:${found}`,
    close: () =>
      new Promise((resolve) => {
        const cut = setTimeout(() => server.closeAllConnections(), drainMs);
        server.close(() => {
          clearTimeout(cut);
          resolve();
        });
        server.closeIdleConnections();
      }),
  };
}
