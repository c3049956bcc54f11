import { object, type InferType } from 'yup';
import { within } from '../measure/within';
import { InputError } from '../problem';
import { kitSchema } from '../resin/kitSchema';
import type { Resin } from '../resin/resinSchema';
import { checkedOrThrow } from '../schema/check';
import { nameSchema } from '../schema/textSchema';

/** One line of a supplier's price list: a kit of a resin by its name. */
const priceRowSchema = object({ resin: nameSchema(60) })
  .concat(kitSchema)
  .noUnknown();
export type PriceRow = InferType<typeof priceRowSchema>;

const blankOut = (row: Readonly<Record<string, string>>): object =>
  Object.fromEntries(Object.entries(row).filter(([, cell]) => cell.trim() !== ''));

/**
 * Reads the rows of a price list: `resin`, `supplier`, `size`, `price`, `delivery`.
 * @throws InputError at `rows[n]…` for the first thing that is wrong
 */
export function readPriceList(
  rows: readonly Readonly<Record<string, string>>[],
): readonly PriceRow[] {
  if (rows.length === 0) throw new InputError('too-few', rows, {}, 'rows');
  return rows.map((row, index) =>
    within(`rows[${index}]`, () => checkedOrThrow(priceRowSchema, blankOut(row))),
  );
}

const sameName = (a: string | undefined, b: string | undefined): boolean =>
  (a ?? '').trim().toLowerCase() === (b ?? '').trim().toLowerCase();

/**
 * Cards with the prices of a list: a kit of the same supplier and size gets the new price, others are added.
 * @returns the cards that changed, and the names on the list that no card has
 */
export function withPrices(
  cards: readonly Resin[],
  list: readonly PriceRow[],
): { readonly changed: readonly Resin[]; readonly unknown: readonly string[] } {
  const changed = cards.flatMap((card): Resin[] => {
    const own = list.filter(({ resin }) => sameName(resin, card.name));
    if (own.length === 0) return [];
    const kits = own.reduce(
      (so, { resin: _, ...kit }) => {
        const at = so.findIndex(
          (each) => sameName(each.supplier, kit.supplier) && sameName(each.size, kit.size),
        );
        return at < 0 ? [...so, kit] : so.map((each, index) => (index === at ? kit : each));
      },
      [...(card.kits ?? [])],
    );
    return [{ ...card, kits }];
  });
  const known = (name: string): boolean => cards.some((card) => sameName(card.name, name));
  return {
    changed,
    unknown: [...new Set(list.map(({ resin }) => resin))].filter((name) => !known(name)),
  };
}
