import { base64urlnopad } from '@scure/base';
import { deflateSync, inflateSync } from 'fflate';
import { InputError } from '../../core/problem';
import { readSharedResin } from '../../core/resin/resinFile';
import type { Resin } from '../../core/resin/resinSchema';
import { jsonOf } from '../../core/schema/jsonText';

/** What stands before a card in a link: after the `#`, so that it never goes to a server. */
const before = '#card=';

/** A whole card packed into the end of a link. */
export function cardLink(card: Resin, origin: string): string {
  const { id: _, ...shared } = card;
  const bytes = new TextEncoder().encode(JSON.stringify(shared));
  return `${origin}/shelf/new${before}${base64urlnopad.encode(deflateSync(bytes, { level: 9 }))}`;
}

/** More than this unpacked is not a card. */
const largestCard = 100_000;

/**
 * The card that a link holds; undefined where it holds none.
 * @throws InputError `link-broken`, or for the first thing that is wrong with the card
 */
export function cardOfLink(hash: string): Resin | undefined {
  if (!hash.startsWith(before)) return undefined;
  let text: string;
  try {
    const bytes = inflateSync(base64urlnopad.decode(hash.slice(before.length)), {
      out: new Uint8Array(largestCard),
    });
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    throw new InputError('link-broken', hash.slice(0, 40));
  }
  return readSharedResin(jsonOf(text));
}
