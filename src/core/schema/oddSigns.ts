/** A sign that no name and no note needs, and that hides what it says. */
export interface OddSign {
  /** Where it stands, counted from 1. */
  readonly at: number;
  /** `U+202E` */
  readonly sign: string;
}

/**
 * Signs that are not seen and change how a text reads: control signs but for the ends of lines and tabulators, halves of signs,
 * those that turn the direction of writing (whole scripts that run from right to left need none of them), spaces without width,
 * and tags. What joins letters and emoji (U+200C, U+200D) and what chooses their form stays.
 */
const oddSign =
  /[^\P{Cc}\t\n\r]|\p{Cs}|[\u00ad\u061c\u180e\u200b\u200e\u200f\u202a-\u202e\u2060-\u206f\ufeff\ufff9-\ufffb]|[\u{e0000}-\u{e007f}]/u;

/** Marks that stand over one another: more than this on one letter hide the lines around it. */
const piledUp = /\p{M}{9}/u;

/** The first odd sign of a text; undefined where all of it can be read. */
export function oddSignIn(text: string): OddSign | undefined {
  const found = oddSign.exec(text) ?? piledUp.exec(text);
  if (found === null) return undefined;
  const code = found[0].codePointAt(0) ?? 0;
  return {
    at: Array.from(text.slice(0, found.index)).length + 1,
    sign: `U+${code.toString(16).toUpperCase().padStart(4, '0')}`,
  };
}

const everyOddSign = new RegExp(oddSign.source, 'gu');

/** A text as it may stand in a sentence: odd signs as a plain one, and no longer than this. */
export function asQuoted(text: string, longest = 120): string {
  const plain = text.replace(everyOddSign, '\ufffd').replace(/\p{M}{9,}/gu, '\ufffd');
  const signs = Array.from(plain.slice(0, 2 * longest + 2));
  return signs.length <= longest ? plain : `${signs.slice(0, longest).join('')}…`;
}
