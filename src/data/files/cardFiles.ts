import { readResins, resinsFileOf } from '../../core/resin/resinFile';
import { cardsOfRows, rowOfCard } from '../../core/resin/resinRows';
import type { Resin } from '../../core/resin/resinSchema';
import { jsonOf } from '../../core/schema/jsonText';
import { csvOf, rowsOfCsv } from './tables';

export const cardsJson = (cards: readonly Resin[]): string =>
  `${JSON.stringify(resinsFileOf(cards), null, 2)}\n`;

/** A table with every column that any of the cards needs. */
export const cardsCsv = (cards: readonly Resin[]): Promise<string> => csvOf(cards.map(rowOfCard));

/**
 * Cards from a file: JSON, or a table with a row for each.
 * Rejects with InputError for the first thing that is wrong.
 */
export async function readCards(text: string, fileName: string): Promise<readonly Resin[]> {
  if (!/\.csv$/i.test(fileName)) return readResins(jsonOf(text));
  return cardsOfRows(await rowsOfCsv(text));
}
