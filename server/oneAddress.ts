import type { RequestHandler } from 'express';

/** Other names of this machine: at each of them a browser would keep another store. */
const otherNames = new Set(['127.0.0.1', '[::1]']);

/**
 * There is one address, since what a person keeps belongs to it: other names of this machine lead to it, and requests for
 * any other host, which only another site can have made, are refused.
 */
export const oneAddress: RequestHandler = (request, response, next) => {
  const { host = '' } = request.headers;
  const [, name = '', port = ''] = /^(\[[^\]]*\]|[^:]*)(?::(\d+))?$/.exec(host) ?? [];
  const listensAt = String(request.socket.localPort);
  const isHere = port === listensAt || (port === '' && listensAt === '80');
  if (name === 'localhost' && isHere) return next();
  if (otherNames.has(name) && isHere) {
    response.redirect(308, `http://localhost:${listensAt}${request.originalUrl}`);
    return;
  }
  response
    .status(421)
    .type('text/plain')
    .send(`Nipperkin answers at http://localhost:${listensAt}/ only.`);
};
