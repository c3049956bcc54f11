import { InputError } from '../../core/problem';
import { oddSignIn } from '../../core/schema/oddSigns';

/** Tables are read and written seldom: what does it is fetched when it is wanted. */
const tables = async () => (await import('papaparse')).default;

type Row = Readonly<Record<string, string | number | undefined>>;

/** A table (RFC 4180) with every column that any of these rows has. */
export async function csvOf(rows: readonly Row[]): Promise<string> {
  const { unparse } = await tables();
  const columns = [...new Set(rows.flatMap(Object.keys))];
  return `${unparse(
    { fields: columns, data: rows.map((row) => columns.map((column) => row[column] ?? '')) },
    // A cell that begins like a formula would be run by a table program.
    { escapeFormulae: true, newline: '\r\n' },
  )}\r\n`;
}

/** Takes off the sign that keeps a table program from running a cell. */
const unescaped = (text: string): string => text.replace(/^'(?=[=+\-@\t\r])/, '');

/** More than this are in no table of ours; a row each is looked at before anything is shown. */
const mostRows = 50_000;

/** Rejects with InputError `not-csv`, `json-too-many`, `json-reserved-key`, `odd-sign`. */
export async function rowsOfCsv(
  text: string,
): Promise<readonly Readonly<Record<string, string>>[]> {
  const { parse } = await tables();
  const { data, errors, meta } = parse<Readonly<Record<string, string>>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const [error] = errors.filter(({ code }) => code !== 'UndetectableDelimiter');
  const fields = meta.fields ?? [];
  if (error !== undefined || fields.length === 0) {
    throw new InputError('not-csv', text.slice(0, 80), { row: (error?.row ?? 0) + 2 });
  }
  if (data.length > mostRows) {
    throw new InputError('json-too-many', undefined, {
      key: '',
      count: data.length,
      most: mostRows,
    });
  }
  const reserved = fields.find((name) => name in Object.prototype);
  if (reserved !== undefined) throw new InputError('json-reserved-key', reserved);
  return data.map((row, index) =>
    Object.fromEntries(
      Object.entries(row).map(([key, cell]) => {
        for (const text of [key, cell]) {
          const odd = oddSignIn(text);
          if (odd !== undefined) throw new InputError('odd-sign', text, odd, `line ${index + 2}`);
        }
        return [key, unescaped(cell)];
      }),
    ),
  );
}
