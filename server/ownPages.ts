import type { RequestHandler } from 'express';

/** How a browser says where a request comes from, and what of it comes from a page of ours or from nobody's. */
const ownSites = new Set(['same-origin', 'none']);

/**
 * Refuses what a page of another site asks for: it could not read the answer, but what it asks would be done. A program that is no
 * browser says nothing of all this and is let through: it is on this machine anyway.
 */
export const ownPages: RequestHandler = (request, response, next) => {
  const { origin, host = '', 'sec-fetch-site': site } = request.headers;
  const isOwn =
    (typeof site !== 'string' || ownSites.has(site)) &&
    (origin === undefined || origin === `http://${host}`);
  if (isOwn) return next();
  response.status(403).type('text/plain').send('Only pages of Nipperkin itself may ask for this.');
};
