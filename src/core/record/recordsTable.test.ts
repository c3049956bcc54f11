import * as fc from 'fast-check';
import harbour from '../../../docs/formats/harbour-shelf.record.json';
import { faultNames } from '../../words/diagnosis';
import { InputError } from '../problem';
import { factsOf } from './recordFacts';
import { readRecord } from './recordFile';
import { rowsOfRecord } from './recordRows';
import { areDatesUnclear, guessRecords, readRecords, type RecordsHow } from './recordsTable';
import { runs } from '../../testing/campaign';

const given = { zone: 'Europe/London', cards: [], faultNames };
const texts = (rows: readonly object[]): Record<string, string>[] =>
  rows.map((row) =>
    Object.fromEntries(
      Object.entries(row).map(([key, cell]: [string, unknown]) => [key, String(cell ?? '')]),
    ),
  );
const codeOf = (work: () => unknown): string => {
  try {
    work();
    return 'none';
  } catch (error) {
    if (error instanceof InputError) return `${error.code} ${JSON.stringify(error.data)}`;
    throw error;
  }
};

test('a table that was saved from records comes in again: pieces, days, weights, faults', () => {
  const piece = readRecord(harbour);
  piece.pours[0]!.layers[0]!.batches[1]!.leftG = 12.5;
  const rows = texts(rowsOfRecord(piece));
  const [back, ...more] = readRecords(rows, guessRecords(rows), given);
  expect(more).toEqual([]);
  expect(back).toMatchObject({
    name: piece.name,
    madeAt: piece.madeAt,
    rating: piece.rating,
    notes: piece.notes,
    faults: piece.faults.map(({ kind, severity }) => ({ kind, severity })),
  });
  const weighed = (of: typeof piece) =>
    factsOf(of).batches.map(({ layer, record: { aG, bG, leftG, stirredMin } }) => [
      layer,
      aG,
      bG,
      leftG,
      stirredMin?.toFixed(2),
    ]);
  expect(weighed(back!)).toEqual(weighed(piece));
  expect(back!.pours[0]!.roomC).toBe(piece.pours[0]!.roomC);
  expect(
    JSON.parse(JSON.stringify(readRecord({ ...back, format: 'nipperkin-record', version: 1 }))),
  ).toEqual(JSON.parse(JSON.stringify(back)));
});

const own = [
  {
    Project: 'Tray',
    Date: '3/14/2026',
    Epoxy: 'Old stock',
    'Temp F': '64',
    'A oz': '10',
    'B oz': '5',
    Problems: 'craters, too dear',
  },
  {
    Project: 'Tray',
    Date: '3/14/2026',
    Epoxy: 'Old stock',
    'Temp F': '64',
    'A oz': '12.5',
    'B oz': '6,25',
    Problems: '',
  },
];

test('a table of somebody’s own: ounces, °F, month first, faults by their names', () => {
  const rows = texts(own).map((row) => ({ ...row, 'B oz': row['B oz']!.replace(',', '.') }));
  const how = guessRecords(rows);
  expect(how).toMatchObject({ dates: 'month', degrees: 'F', weights: 'oz', decimal: '.' });
  const [piece] = readRecords(rows, how, given);
  expect(piece!.madeAt).toBe(Date.UTC(2026, 2, 14, 12));
  expect(piece!.pours[0]!.roomC).toBeCloseTo(17.78, 2);
  expect(piece!.pours[0]!.layers[0]!.batches.map(({ aG }) => aG)).toEqual([
    expect.closeTo(283.5, 1),
    expect.closeTo(354.4, 1),
  ]);
  expect(piece!.faults.map(({ kind }) => kind)).toEqual(['craters']);
  expect(piece!.notes).toBe('too dear');
});

test('days that may be meant either way are asked; a comma where a point is said is told by its row', () => {
  const rows = texts(own);
  const how: RecordsHow = { ...guessRecords(rows), decimal: '.' };
  expect(areDatesUnclear(rows, how)).toBe(false);
  const unclear = rows.map((row) => ({ ...row, Date: '3/4/2026' }));
  expect(areDatesUnclear(unclear, how)).toBe(true);
  const [day] = readRecords(unclear.slice(0, 1), { ...how, dates: 'day' }, given);
  expect(day!.madeAt).toBe(Date.UTC(2026, 3, 3, 11));
  expect(codeOf(() => readRecords(rows, how, given))).toBe(
    'not-a-figure {"row":3,"column":"B oz","decimal":"."}',
  );
  const [, comma] = readRecords(
    rows,
    { ...how, decimal: ',', columns: { ...how.columns, a: undefined } as never },
    given,
  )[0]!.pours[0]!.layers[0]!.batches;
  expect(comma!.bG).toBeCloseTo(177.2, 1);
});

test.each<[string, Record<string, string>, string]>([
  ['no piece', { Project: '' }, 'row-without-piece {"row":2}'],
  ['no day', { Date: 'soon' }, 'row-without-day {"row":2}'],
  [
    'a layer before the first',
    { Layer: '0' },
    'not-a-figure {"row":2,"column":"Layer","decimal":"."}',
  ],
  ['half a star', { Rating: '4.5' }, 'not-a-figure {"row":2,"column":"Rating","decimal":"."}'],
  [
    'notes of a whole page and more',
    { Problems: 'x'.repeat(1001) },
    'cell-too-long {"row":2,"column":"Problems","longest":1000}',
  ],
  ['no such day', { Date: '31/02/2026' }, 'row-without-day {"row":2}'],
  [
    'weights below nothing',
    { 'A oz': '-3' },
    'not-a-figure {"row":2,"column":"A oz","decimal":"."}',
  ],
])('%s is told by its row', (_, change, problem) => {
  const rows = texts(own)
    .slice(0, 1)
    .map((row) => ({ ...row, ...change }));
  const how: RecordsHow = { ...guessRecords(rows), decimal: '.' };
  expect(codeOf(() => readRecords(rows, how, given))).toBe(problem);
});

test('a table of something else is refused', () => {
  expect(codeOf(() => guessRecords([{ t: '1', c: '2' }]))).toBe(
    'no-records-in-table {"columns":["t","c"]}',
  );
  expect(codeOf(() => guessRecords([]))).toBe('no-records-in-table {"columns":[]}');
});

test('columns that are named as objects have things are columns like others', () => {
  const rows = texts(own).map((row) => ({ ...row, constructor: 'x', toString: 'y' }));
  const how = { ...guessRecords(rows), decimal: ',' } as const;
  expect(readRecords(rows, how, given)).toHaveLength(1);
});

const nasty = fc.oneof(
  fc.string({ maxLength: 30 }),
  fc.constantFrom(
    '',
    '412',
    '3',
    '__proto__',
    '=1+1',
    '1e999',
    '-0',
    '∞',
    '12,5',
    '1.2.3',
    '31/02/2026',
    '1/1/0',
    '9999-12-31T23:59',
    '0001-01-01',
    '2026-03-29T01:30',
    '200',
    '201',
    '\u202e12',
    '\ud800',
  ),
);

test('whatever stands in a table, it is a record that can be kept, or it is told what is wrong', () => {
  const words = ['piece', 'made at', 'faults', 'notes'];
  const figures = ['A g', 'B g', 'room °C'];
  const counts = ['layer', 'rating'];
  const usual = fc.constantFrom('', '412', '3', '4.5');
  const figure = fc.oneof({ weight: 12, arbitrary: usual }, { weight: 1, arbitrary: nasty });
  const whole = fc.constantFrom('', '1', '3');
  const count = fc.oneof({ weight: 12, arbitrary: whole }, { weight: 1, arbitrary: nasty });
  const row = fc.record(
    Object.fromEntries([
      ...words.map((name) => [name, nasty] as const),
      ...figures.map((name) => [name, figure] as const),
      ...counts.map((name) => [name, count] as const),
    ]),
  );
  const likely = row.map((cells) => ({ ...cells, piece: 'Tray', 'made at': '2026-05-04' }));
  let kept = 0;
  fc.assert(
    fc.property(
      fc.array(fc.oneof({ weight: 1, arbitrary: row }, { weight: 9, arbitrary: likely }), {
        minLength: 1,
        maxLength: 4,
      }),
      fc.constantFrom('.' as const, ',' as const),
      (rows, decimal) => {
        try {
          const how = { ...guessRecords(rows), decimal };
          for (const piece of readRecords(rows, how, given)) {
            kept += 1;
            const file = { ...piece, format: 'nipperkin-record', version: 1 };
            expect(readRecord(JSON.parse(JSON.stringify(file)))).toMatchObject({
              name: piece.name,
            });
          }
        } catch (error) {
          if (!(error instanceof InputError)) throw error;
        }
      },
    ),
    { numRuns: runs(500, 20000) },
  );
  // Some of them are records.
  expect(kept).toBeGreaterThan(100);
});
