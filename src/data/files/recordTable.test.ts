import record from '../../../docs/formats/harbour-shelf.record.json';
import { readRecord } from '../../core/record/recordFile';
import { recordsCsv } from './recordFile';
import { rowsOfCsv } from './tables';

const piece = readRecord(record);

test('a row a batch, with the units in the header, and back out of the table as it was', async () => {
  const text = await recordsCsv([piece]);
  const [header, ...lines] = text.trimEnd().split('\r\n');
  expect(header).toContain('planned A g,planned B g,A g,B g,B off ratio %,stirred min');
  expect(lines).toHaveLength(2);
  const [first, second] = await rowsOfCsv(text);
  expect(first).toMatchObject({
    piece: 'Harbour shelf',
    'made at': '2026-05-04T12:00:00Z',
    batch: '1',
    'stirred min': '1.17',
    'second cup': 'no',
    lots: 'Clear 3',
    'room °C': '14',
    faults: 'tacky 2; soft-spots 1',
  });
  expect(second).toMatchObject({
    batch: '2',
    'B g': '148.4',
    'B off ratio %': '6',
    'in cup min': '21.67',
  });
});

test('what begins like a formula is no formula, commas and quotes stay, and figures stay figures', async () => {
  const named = { ...piece, name: '=HYPERLINK("x")', notes: 'one, "two"\nthree' };
  const short = {
    ...named,
    pours: named.pours.map((pour) => ({
      ...pour,
      layers: pour.layers.map((layer) => ({
        ...layer,
        batches: layer.batches.map((batch) => ({ ...batch, bG: 130 })),
      })),
    })),
  };
  const text = await recordsCsv([short]);
  expect(text).not.toMatch(/(^|[\r\n,"])=/);
  expect(text).toContain(',-7.14,');
  const [row] = await rowsOfCsv(text);
  expect(row).toMatchObject({ piece: '=HYPERLINK("x")', notes: 'one, "two"\nthree' });
});

test('a record without a batch is a row; no record is a table without rows', async () => {
  const bare = { ...piece, pours: [] };
  expect(await rowsOfCsv(await recordsCsv([bare, piece]))).toHaveLength(3);
  expect(await rowsOfCsv(await recordsCsv([bare]))).toEqual([
    expect.objectContaining({ piece: 'Harbour shelf', batch: '', resin: '' }),
  ]);
});
