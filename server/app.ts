import compression from 'compression';
import express, { type ErrorRequestHandler, type Express } from 'express';
import helmet from 'helmet';
import { extname, join } from 'node:path';
import { instrumentRoutes } from './instruments/instrumentRoutes';
import { InstrumentSessions } from './instruments/sessions';
import { oneAddress } from './oneAddress';
import { priceListCsv } from './priceList';

const year = 365 * 24 * 60 * 60 * 1000;

/** The build names these files by their contents, so a browser may keep them for good. */
const hashedFolders = /[\\/](_expo|assets)[\\/]/;

/** What the app asks of a device: the camera, to read codes, and none of the others. */
const deviceFeatures = [
  'accelerometer',
  'display-capture',
  'geolocation',
  'gyroscope',
  'magnetometer',
  'microphone',
  'midi',
  'payment',
  'usb',
]
  .map((feature) => `${feature}=()`)
  .concat('camera=(self)')
  .join(', ');

/** An address that cannot be read, or a mistake of ours: told without what the inside looks like. */
const refused: ErrorRequestHandler = (error: unknown, _request, response, next) => {
  if (response.headersSent) return next(error);
  const { status } = error as { readonly status?: number };
  const isTheirs = status !== undefined && status >= 400 && status < 500;
  response
    .status(isTheirs ? status : 500)
    .type('text/plain')
    .send(isTheirs ? 'This address cannot be read.' : 'Something went wrong here.');
};

/**
 * Serves the built app, and the suppliers and instruments that stand in for real ones.
 * @param folder of the built app
 * @param sessions the simulated benches: whoever ends the server ends them
 */
export function createApp(folder: string, sessions = new InstrumentSessions()): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          // React Native's styles are written into the page as it runs; without this it stays blank.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'self'"],
          frameAncestors: ["'none'"],
          formAction: ["'self'"],
        },
      },
      // The app is served over plain HTTP on the person's own machine.
      strictTransportSecurity: false,
    }),
  );
  app.use((_request, response, next) => {
    response.setHeader('Permissions-Policy', deviceFeatures);
    next();
  });
  app.use(oneAddress);
  app.use(compression());
  app.get('/health', (_request, response) => {
    response.json({ status: 'ok', app: 'nipperkin' });
  });
  app.get('/suppliers/price-list.csv', (_request, response) => {
    response.setHeader('Cache-Control', 'no-store');
    response.type('text/csv').send(priceListCsv(Date.now()));
  });
  app.use('/instruments', instrumentRoutes(sessions));
  app.use(
    express.static(folder, {
      index: false,
      redirect: false,
      dotfiles: 'ignore',
      setHeaders(response, path) {
        const forGood = hashedFolders.test(path);
        response.setHeader(
          'Cache-Control',
          forGood ? `public, max-age=${year / 1000}, immutable` : 'no-cache',
        );
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
