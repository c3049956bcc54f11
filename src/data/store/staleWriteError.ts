import type { Version } from './versions';

/** Somebody else, mostly another tab, has changed the record since it was read. */
export class StaleWriteError extends Error {
  constructor(
    readonly key: string,
    /** The state that is stored now; undefined where there is no record. */
    readonly stored: Version | undefined,
  ) {
    super(`${key} has been changed since it was read`);
    this.name = 'StaleWriteError';
  }
}
