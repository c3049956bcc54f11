/**
 * Holds a value against a schema as one that is kept here: what was typed when less was refused stays readable, and is told once
 * somebody types there again.
 */
export const asKept = { context: { kept: true } } as const;

/** Whether a test runs on what is kept here. */
export const isKept = (options: object): boolean =>
  (options as { readonly context?: { readonly kept?: boolean } }).context?.kept === true;
