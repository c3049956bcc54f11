import { InputError } from '../problem';
import { checkedOrThrow } from '../schema/check';
import { within } from '../measure/within';
import { upgradeCard } from '../upgrades/upgradeCard';
import { resinSchema, type Resin } from './resinSchema';

/** A row of a table of cards: a column's name is the place of what is in it, `kits[0].size`. */
export type CardRow = Readonly<Record<string, string>>;

function flattened(value: unknown, place: string, row: Record<string, string>): void {
  if (value === undefined) return;
  if (Array.isArray(value)) {
    value.forEach((each, index) => flattened(each, `${place}[${index}]`, row));
  } else if (typeof value === 'object' && value !== null) {
    for (const [key, each] of Object.entries(value)) {
      flattened(each, place === '' ? key : `${place}.${key}`, row);
    }
  } else {
    row[place] = String(value);
  }
}

/** A card as a row of a table; every card has the columns that it needs. */
export function rowOfCard({ id: _, ...card }: Resin): CardRow {
  const row: Record<string, string> = {};
  flattened(card, '', row);
  return row;
}

/** Keys of a place: `kits[0].size` is kits, 0, size. */
const keysOf = (place: string): readonly string[] =>
  place.split(/[.[\]]+/).filter((key) => key !== '');

/** These would reach past the card itself. */
const forbidden = new Set(['__proto__', 'constructor', 'prototype']);

/** More of anything than this is not a card. */
const longestList = 100;

function put(card: Record<string, unknown>, place: string, text: string): void {
  const keys = keysOf(place);
  let at: Record<string, unknown> = card;
  keys.forEach((key, index) => {
    const isNumber = /^\d+$/.test(key);
    if (forbidden.has(key) || (isNumber && Number(key) >= longestList)) {
      throw new InputError('unknown-key', text, { unknown: place });
    }
    const next = keys[index + 1];
    if (next === undefined) {
      at[key] = text;
      return;
    }
    const found = at[key] ?? (/^\d+$/.test(next) ? [] : {});
    if (typeof found !== 'object') throw new InputError('unknown-key', text, { unknown: place });
    at[key] = found;
    at = found as Record<string, unknown>;
  });
}

/**
 * Cards from the rows of a table; empty cells say nothing.
 * @throws InputError at `rows[n]…` for the first thing that is wrong, an unknown column included
 */
export function cardsOfRows(rows: readonly CardRow[]): readonly Resin[] {
  if (rows.length === 0) throw new InputError('too-few', rows, {}, 'rows');
  return rows.map((row, index) =>
    within(`rows[${index}]`, () => {
      const card: Record<string, unknown> = {};
      for (const [place, text] of Object.entries(row)) {
        if (text.trim() !== '') put(card, place.trim(), text);
      }
      const { id: _, ...read } = checkedOrThrow(resinSchema, upgradeCard(card));
      return read;
    }),
  );
}
