import type { Express } from 'express';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';

/** Only this machine: the app has no accounts, and what it keeps is in the browser. */
const host = '127.0.0.1';

function listenOn(server: Server, port: number): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => {
      server.off('error', reject);
      resolve();
    });
  });
}

export interface Listening {
  readonly address: string;
  /** Lets running answers end, then resolves. */
  readonly close: () => Promise<void>;
}

/**
 * Serves on the port that is asked for, or on a free one where that is taken.
 * @param port 0 for any free one
 */
export async function listen(app: Express, port: number): Promise<Listening> {
  const server = createServer(app);
  try {
    await listenOn(server, port);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
    await listenOn(server, 0);
  }
  const { port: found } = server.address() as AddressInfo;
  return {
    address: `http://localhost:${found}`,
    close: () =>
      new Promise((resolve) => {
        server.close(() => resolve());
        server.closeIdleConnections();
      }),
  };
}
