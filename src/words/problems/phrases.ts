import { asQuoted } from '../../core/schema/oddSigns';

/** `a, b or c`. */
export const oneOf = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} or ${words.at(-1)}`;

/** What was typed, between quotes; it may come out of a file, and is shown as no more than a text. */
export const shown = (value: unknown): string =>
  typeof value === 'string' || typeof value === 'number' ? `“${asQuoted(String(value))}”` : 'This';
