import { InputError } from '../problem';
import type { Resin } from './resinSchema';

/** What the card's own hardener is called where the card does not say. */
export const ownHardener = 'As on the card';

/** What a card's own hardener is called; of a card `withHardener`, that one. */
export const hardenerOf = ({ hardenerName }: Pick<Resin, 'hardenerName'>): string =>
  hardenerName?.trim() || ownHardener;

/** Every hardener of a card by name, the card's own first. */
export const hardenerNames = (card: Resin): readonly string[] => [
  hardenerOf(card),
  ...(card.hardeners ?? []).map(({ name }) => name),
];

/**
 * The card as it is with one of its hardeners: what that one says stands over what the card says.
 * @param name left out for the card's own
 * @throws InputError `no-such-hardener`
 */
export function withHardener(card: Resin, name: string | undefined): Resin {
  const [own] = hardenerNames(card);
  if (name === undefined || name.trim() === '' || name === own) return card;
  const found = card.hardeners?.find((each) => each.name === name);
  if (found === undefined) {
    throw new InputError('no-such-hardener', name, { choices: hardenerNames(card) }, 'hardener');
  }
  const { name: hardenerName, ...said } = found;
  // Another ratio makes the card's own other ratio another hardener's.
  const ratios = [said.ratio, said.ratioByWeight, said.ratioByVolume].some(
    (each) => each !== undefined,
  )
    ? { ratio: undefined, ratioByWeight: undefined, ratioByVolume: undefined }
    : {};
  const defined = Object.fromEntries(
    Object.entries(said).filter(([, value]) => value !== undefined),
  );
  return { ...card, ...ratios, ...defined, hardenerName };
}
