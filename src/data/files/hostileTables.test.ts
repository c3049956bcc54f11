import { csvOf, rowsOfCsv } from './tables';
import { textOf } from './textOf';
import * as fc from 'fast-check';
import { runs } from '../../testing/campaign';

test('a cell that a table program would run is held, and comes in again as it was', async () => {
  const rows = [
    { name: '=HYPERLINK("http://x","y")', note: '+1', mark: '-2', at: '@SUM(A1)', tab: '\t=1' },
  ];
  const table = await csvOf(rows);
  for (const cell of table.split('\r\n')[1]!.split(',')) expect(cell).not.toMatch(/^"?[=+\-@\t]/);
  expect(await rowsOfCsv(table)).toEqual(rows);
});

test('any table comes in again as it went out', async () => {
  const cell = fc
    .string({ maxLength: 12, unit: 'grapheme' })
    // A sign that holds a formula is taken off again, so one before a formula cannot be told from it.
    .filter((text) => !/^'[=+\-@\t\r]/.test(text) && !/[\r\u0000-\u0008]/.test(text));
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.record({ name: cell.filter((text) => text.trim() !== ''), note: cell }), {
        minLength: 1,
        maxLength: 6,
      }),
      async (rows) => expect(await rowsOfCsv(await csvOf(rows))).toEqual(rows),
    ),
    { numRuns: runs(100, 2000) },
  );
});

test.each([
  ['a column that stands for something else', '__proto__,name\r\n1,2\r\n', 'json-reserved-key'],
  ['a sign that cannot be seen', 'name\r\nSlow\u202eclear\r\n', 'odd-sign'],
  ['a sign that cannot be seen, in a head', 'na\u200bme\r\nSlow\r\n', 'odd-sign'],
  ['more rows than any table', `name\r\n${'a\r\n'.repeat(50_001)}`, 'json-too-many'],
])('%s is refused', async (_, text, code) => {
  await expect(rowsOfCsv(text)).rejects.toMatchObject({ code });
});

test('a text that is too large, or of other letters, is told before it is read as one', async () => {
  await expect(textOf(new Blob([new Uint8Array(20_000_001)]))).rejects.toMatchObject({
    code: 'file-too-large',
  });
  await expect(textOf(new Blob([Uint8Array.of(0x6d, 0xfc, 0x6c)]))).rejects.toMatchObject({
    code: 'not-utf8',
  });
  expect(await textOf(new Blob(['mül']))).toBe('mül');
});
