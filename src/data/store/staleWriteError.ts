/** Somebody else, mostly another tab, has changed the record since it was read. */
export class StaleWriteError extends Error {
  constructor(
    readonly key: string,
    /** The revision that is stored now; undefined where the record was deleted. */
    readonly storedRevision: number | undefined,
  ) {
    super(`${key} has been changed since it was read`);
    this.name = 'StaleWriteError';
  }
}
