import { rateLimit } from 'express-rate-limit';
import type { RequestHandler } from 'express';

const minuteMs = 60_000;

/** So often in a minute at the most; whoever asks more often is told when to ask again. */
const atMost = (limit: number, what: string): RequestHandler =>
  rateLimit({
    windowMs: minuteMs,
    limit,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    message: `Too many ${what} within a minute. Wait a moment and ask again.`,
    // There is one machine: all of it counts together.
    keyGenerator: () => 'this machine',
  });

/** A page opens one bench; thirty of them are all that is kept. */
export const benchLimit = (): RequestHandler => atMost(120, 'benches are opened');

/** A panel steers a scale some times a second. */
export const commandLimit = (): RequestHandler => atMost(3_000, 'commands are given');

const reads = new Set(['GET', 'HEAD']);

/** What is served is read: nothing else is done with it. */
export const onlyReads: RequestHandler = (request, response, next) => {
  if (reads.has(request.method)) return next();
  response
    .status(405)
    .setHeader('Allow', [...reads].join(', '))
    .type('text/plain')
    .send('This can only be read.');
};
