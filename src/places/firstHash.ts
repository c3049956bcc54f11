/**
 * What stands behind the `#` of the address with which the page was opened. The router takes it out of the address while the
 * places around a screen come, and puts it back: a screen that is there before that would find nothing.
 */
let first = (globalThis.location as Location | undefined)?.hash ?? '';

/** The end of the address, as it is or as the page was opened with; that is told once. */
export function hashOfAddress(): string {
  const opened = first;
  first = '';
  return window.location.hash || opened;
}
