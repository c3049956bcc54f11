import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { InputError } from '../../core/problem';

/** So many letters are in one code: a phone still reads it off a screen that is held up to it. */
const lettersInCode = 1200;
/** More codes than this nobody reads one after the other. */
export const mostCodes = 24;
/** Letters of the checksum that tells the parts of one job from those of another. */
const sumLetters = 12;

/** One of several parts of what is too long for one code. */
export interface LinkPart {
  /** What the whole comes to: parts of one whole share it. */
  readonly sum: string;
  /** Counted from 1. */
  readonly nth: number;
  readonly of: number;
  readonly letters: string;
}

const sumOf = (letters: string): string =>
  bytesToHex(sha256(new TextEncoder().encode(letters))).slice(0, sumLetters);

/** The ends of links that together say these letters: one where that is enough; none where they would be too many. */
export function linkEnds(letters: string): readonly string[] {
  if (letters.length <= lettersInCode) return [`#job=${letters}`];
  const of = Math.ceil(letters.length / lettersInCode);
  if (of > mostCodes) return [];
  const sum = sumOf(letters);
  // Alike in length, so that none of the codes is finer than the others.
  const each = Math.ceil(letters.length / of);
  return Array.from(
    { length: of },
    (_, at) => `#part=${sum}.${at + 1}.${of}.${letters.slice(at * each, (at + 1) * each)}`,
  );
}

/** What stands behind the `#` of a link that leads here. */
export type LinkEnd =
  | { readonly kind: 'job'; readonly letters: string }
  | { readonly kind: 'part'; readonly part: LinkPart };

/** An address may be so long; what follows in a longer one is of no job. */
const longestEnd = 4_000_000;

/**
 * Reads the end of a link; undefined where it says nothing of the kind.
 * @throws InputError `link-broken`
 */
export function readLinkEnd(hash: string): LinkEnd | undefined {
  if (hash.length > longestEnd) throw new InputError('link-broken', hash.slice(0, 40));
  if (hash.startsWith('#job=')) return { kind: 'job', letters: hash.slice('#job='.length) };
  if (!hash.startsWith('#part=')) return undefined;
  const [, sum, nth, of, letters] =
    /^#part=([0-9a-f]{12})\.(\d{1,2})\.(\d{1,2})\.([\w-]{1,2000})$/.exec(hash) ?? [];
  const part = { sum: sum ?? '', nth: Number(nth), of: Number(of), letters: letters ?? '' };
  const isRight = sum !== undefined && part.nth >= 1 && part.nth <= part.of && part.of <= mostCodes;
  if (!isRight) throw new InputError('link-broken', hash.slice(0, 40));
  return { kind: 'part', part };
}

/** What parts of one whole come to so far. */
export interface Collected {
  readonly of: number;
  /** Those that are still to come, counted from 1. */
  readonly missing: readonly number[];
  /** The whole, once nothing is missing. */
  readonly letters: string | undefined;
}

/**
 * Puts parts of one whole together, in whatever order they came.
 * @throws InputError `link-broken` where they are not what they say they are
 */
export function collected(parts: readonly LinkPart[]): Collected {
  const of = parts[0]?.of ?? 0;
  const byNth = new Map(parts.map((part) => [part.nth, part]));
  const all = Array.from({ length: of }, (_, at) => at + 1);
  const missing = all.filter((nth) => !byNth.has(nth));
  if (missing.length > 0) return { of, missing, letters: undefined };
  const letters = all.map((nth) => byNth.get(nth)!.letters).join('');
  if (parts.some((part) => part.of !== of) || sumOf(letters) !== parts[0]?.sum) {
    throw new InputError('link-broken', parts[0]?.sum);
  }
  return { of, missing, letters };
}
