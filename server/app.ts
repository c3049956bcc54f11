import compression from 'compression';
import express, { type ErrorRequestHandler, type Express, type RequestHandler } from 'express';
import packedStatic from 'express-static-gzip';
import { extname, join } from 'node:path';
import { instrumentRoutes } from './instruments/instrumentRoutes';
import { InstrumentSessions } from './instruments/sessions';
import { onlyReads } from './limits';
import { oneAddress } from './oneAddress';
import { ownPages } from './ownPages';
import { priceListCsv } from './priceList';
import { securityHeaders } from './securityHeaders';

const year = 365 * 24 * 60 * 60 * 1000;

/** The build names these files by their contents, so a browser may keep them for good. */
const hashedFolders = /[\\/](_expo|assets)[\\/]/;

/** What was wrong with a request, by what the readers of addresses and bodies call it. */
const refusals: Readonly<Record<string, string>> = {
  'entity.too.large': 'Too much was sent: 100 kB at the most.',
  'entity.parse.failed': 'What was sent is not JSON.',
  'encoding.unsupported': 'What was sent is packed in a way that is not read here.',
  'charset.unsupported': 'What was sent is in letters that are not read here. Send UTF-8.',
};

/** A request that cannot be read, or a mistake of ours: told without what the inside looks like. */
const refused: ErrorRequestHandler = (error: unknown, _request, response, next) => {
  if (response.headersSent) return next(error);
  const { status, type = '' } = error as { readonly status?: number; readonly type?: string };
  const isTheirs = status !== undefined && status >= 400 && status < 500;
  const theirs = Object.hasOwn(refusals, type) ? refusals[type] : 'This address cannot be read.';
  response
    .status(isTheirs ? status : 500)
    .type('text/plain')
    .send(isTheirs ? theirs : 'Something went wrong here.');
};

/** Refuses an address that cannot be read in our own words, before whatever serves files does it in its own. */
const readable: RequestHandler = (request, _response, next) => {
  try {
    decodeURIComponent(request.path);
  } catch {
    return next(Object.assign(new Error('address'), { status: 400 }));
  }
  next();
};

/**
 * Serves the built app, and the suppliers and instruments that stand in for real ones.
 * @param folder of the built app
 * @param sessions the simulated benches: whoever ends the server ends them
 */
export function createApp(folder: string, sessions = new InstrumentSessions()): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(...securityHeaders);
  app.use(oneAddress);
  app.use(compression());
  app.get('/health', (_request, response) => {
    response.json({ status: 'ok', app: 'nipperkin' });
  });
  app.get('/suppliers/price-list.csv', (_request, response) => {
    response.setHeader('Cache-Control', 'no-store');
    response.type('text/csv').send(priceListCsv(Date.now()));
  });
  app.use('/instruments', ownPages, instrumentRoutes(sessions));
  app.use(onlyReads);
  app.use(readable);
  app.use(
    packedStatic(folder, {
      index: false,
      enableBrotli: true,
      orderPreference: ['br'],
      serveStatic: {
        redirect: false,
        dotfiles: 'ignore',
        setHeaders(response, path) {
          const forGood = hashedFolders.test(path);
          response.setHeader(
            'Cache-Control',
            forGood ? `public, max-age=${year / 1000}, immutable` : 'no-cache',
          );
        },
      },
    }),
  );
  // Every address of the app is one page; a missing file is missing.
  app.get('/{*splat}', (request, response) => {
    if (extname(request.path) !== '') {
      response.status(404).type('text/plain').send('Not found');
      return;
    }
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(folder, 'index.html'));
  });
  app.use(refused);
  return app;
}
