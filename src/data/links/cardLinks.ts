import { readSharedResin } from '../../core/resin/resinFile';
import type { Resin } from '../../core/resin/resinSchema';
import { packed, unpacked } from './packed';

/** What stands before a card in a link: after the `#`, so that it never goes to a server. */
const before = '#card=';

/** A whole card packed into the end of a link. */
export function cardLink(card: Resin, origin: string): string {
  const { id: _, ...shared } = card;
  return `${origin}/shelf/new${before}${packed(shared)}`;
}

/** More than this unpacked is not a card. */
const largestCard = 100_000;

/**
 * The card that a link holds; undefined where it holds none.
 * @throws InputError `link-broken`, or for the first thing that is wrong with the card
 */
export const cardOfLink = (hash: string): Resin | undefined =>
  hash.startsWith(before)
    ? readSharedResin(unpacked(hash.slice(before.length), largestCard))
    : undefined;
