import { InputError } from '../../core/problem';
import { readResins, resinsFileOf } from '../../core/resin/resinFile';
import { cardsOfRows, rowOfCard, type CardRow } from '../../core/resin/resinRows';
import type { Resin } from '../../core/resin/resinSchema';
import { jsonOf } from '../../core/schema/jsonText';

export const cardsJson = (cards: readonly Resin[]): string =>
  `${JSON.stringify(resinsFileOf(cards), null, 2)}\n`;

/** Tables are read and written seldom: what does it is fetched when it is wanted. */
const tables = async () => (await import('papaparse')).default;

/** A table with every column that any of the cards needs. */
export async function cardsCsv(cards: readonly Resin[]): Promise<string> {
  const { unparse } = await tables();
  const rows = cards.map(rowOfCard);
  const columns = [...new Set(rows.flatMap(Object.keys))];
  return `${unparse(
    { fields: columns, data: rows.map((row) => columns.map((column) => row[column] ?? '')) },
    // A cell that begins like a formula would be run by a table program.
    { escapeFormulae: true, newline: '\n' },
  )}\n`;
}

/** Takes off the sign that keeps a table program from running a cell. */
const unescaped = (text: string): string => text.replace(/^'(?=[=+\-@\t\r])/, '');

/** Rejects with InputError `not-csv`. */
export async function rowsOfCsv(text: string): Promise<readonly CardRow[]> {
  const { parse } = await tables();
  const { data, errors, meta } = parse<CardRow>(text, {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const [error] = errors.filter(({ code }) => code !== 'UndetectableDelimiter');
  if (error !== undefined || (meta.fields ?? []).length === 0) {
    throw new InputError('not-csv', text.slice(0, 80), { row: (error?.row ?? 0) + 2 });
  }
  return data.map((row) =>
    Object.fromEntries(Object.entries(row).map(([key, cell]) => [key, unescaped(cell)])),
  );
}

/**
 * Cards from a file: JSON, or a table with a row for each.
 * Rejects with InputError for the first thing that is wrong.
 */
export async function readCards(text: string, fileName: string): Promise<readonly Resin[]> {
  if (!/\.csv$/i.test(fileName)) return readResins(jsonOf(text));
  return cardsOfRows(await rowsOfCsv(text));
}
