import express, { Router, type Request, type Response } from 'express';
import type { AnyObjectSchema } from 'yup';
import { probeSchema, scaleCommandSchemas } from '../../src/core/instruments/commandSchemas';
import type { ScaleCommand } from '../../src/core/instruments/simulatedScale';
import { check } from '../../src/core/schema/check';
import { benchLimit, commandLimit } from '../limits';
import { instruments, type InstrumentName, type InstrumentSession } from './session';
import type { InstrumentSessions } from './sessions';

/** Who does not take so much off is too slow for a scale, bytes. */
const mostWaiting = 64 * 1024;
/** A stream is ended after so long: whoever still listens asks again, ms. */
const longestMs = 60 * 60_000;

const say = (response: Response, status: number, text: string): void => {
  response.status(status).type('text/plain').send(text);
};

/** Sends what an instrument says as server-sent events, until either side has enough. */
function stream(session: InstrumentSession, of: InstrumentName, response: Response): void {
  const stop = session.listen({
    of,
    hear: (line) => {
      if (response.writableLength > mostWaiting) response.end();
      else response.write(`data: ${JSON.stringify(line)}\n\n`);
    },
    cut: () => response.end(),
  });
  if (stop === undefined) return say(response, 409, 'Too many listen to this bench already.');
  const limit = setTimeout(() => response.end(), longestMs);
  response.once('close', () => {
    clearTimeout(limit);
    stop();
  });
  response.writeHead(200, {
    'Content-Type': 'text/event-stream',
    // Compressed, it would wait until there is enough to be worth it.
    'Cache-Control': 'no-cache, no-transform',
  });
  response.flushHeaders();
}

/** What was sent, held against a schema; the answer is given where it is not right. */
function checked<T>(schema: AnyObjectSchema, body: unknown, response: Response): T | undefined {
  const { value, problems } = check(schema, body, { strip: false });
  if (value === undefined) {
    say(
      response,
      400,
      `Not right: ${problems.map(({ field, code }) => `${field} ${code}`).join(', ')}`,
    );
  }
  return value as T | undefined;
}

/** The simulated scale and thermometer: each bench by itself, streamed, and steered. */
export function instrumentRoutes(sessions: InstrumentSessions): Router {
  const router = Router();
  const found = (request: Request, response: Response): InstrumentSession | undefined => {
    const session = sessions.find(String(request.params['id']));
    if (session === undefined) say(response, 404, 'This bench is over.');
    return session;
  };
  router.use((_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  router.use(express.json({ limit: '100kb' }));
  router.post('/', benchLimit(), (_request, response) => {
    const session = sessions.create();
    if (session === undefined) return say(response, 503, 'Too many benches are open.');
    response.status(201).json({ id: session.id });
  });
  router.delete('/:id', (request, response) => {
    sessions.end(String(request.params.id));
    response.status(204).end();
  });
  for (const name of instruments) {
    router.get(`/:id/${name}`, (request, response) => {
      const session = found(request, response);
      if (session?.isDropped === true) return say(response, 503, 'The connection is lost.');
      if (session !== undefined) stream(session, name, response);
    });
  }
  const isSteered = commandLimit();
  router.post('/:id/scale', isSteered, (request, response) => {
    const session = found(request, response);
    if (session === undefined) return;
    const body: unknown = request.body;
    const name = (body as { do?: unknown } | undefined)?.do;
    const schemas: Readonly<Record<string, AnyObjectSchema>> = scaleCommandSchemas;
    const schema =
      typeof name === 'string' && Object.hasOwn(schemas, name) ? schemas[name] : undefined;
    if (schema === undefined) {
      return say(response, 400, `A scale takes: ${Object.keys(schemas).join(', ')}.`);
    }
    const command = checked<ScaleCommand | { do: 'drop'; seconds: number }>(
      schema.noUnknown(),
      body,
      response,
    );
    if (command === undefined) return;
    if (command.do === 'drop') session.drop(command.seconds);
    else session.command(command);
    response.status(204).end();
  });
  router.post('/:id/thermometer', isSteered, (request, response) => {
    const session = found(request, response);
    const probe =
      session &&
      checked<Parameters<InstrumentSession['hold']>[0]>(probeSchema, request.body, response);
    if (session === undefined || probe === undefined) return;
    session.hold(probe);
    response.status(204).end();
  });
  router.use((_request, response) => say(response, 404, 'There is no such instrument.'));
  return router;
}
