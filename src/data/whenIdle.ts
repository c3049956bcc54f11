/** Longer than this nothing is put off. */
const withinMs = 200;

/** Runs what can wait until what is shown is painted. */
export function whenIdle(work: () => void): void {
  if (typeof globalThis.requestIdleCallback !== 'function') setTimeout(work, 0);
  else globalThis.requestIdleCallback(work, { timeout: withinMs });
}
