import { guessTable, readTable, type TableHow, type TableRows } from './readingsTable';

/** Ten in the evening of the 4th of May 2026 in London. */
const begunAt = Date.UTC(2026, 4, 4, 21);
const pour = { begunAt, zone: 'Europe/London' };
const minutes = (
  rows: TableRows,
  how: TableHow = guessTable(rows),
): readonly (readonly number[])[] =>
  readTable(rows, how, pour).map(({ at, c }) => [(at - begunAt) / 60_000, c]);

test('clock times go on past midnight', () => {
  const rows = [
    { Time: '22:30', 'Temp (°C)': '24.5' },
    { Time: '23:50', 'Temp (°C)': '31' },
    { Time: '0:20', 'Temp (°C)': '33.2' },
    { Time: '7:00:30', 'Temp (°C)': '29' },
  ];
  expect(guessTable(rows)).toEqual({
    timeColumn: 'Time',
    temperatureColumn: 'Temp (°C)',
    times: 'clock',
    unit: 'C',
    decimal: '.',
  });
  expect(minutes(rows)).toEqual([
    [30, 24.5],
    [110, 31],
    [140, 33.2],
    [540.5, 29],
  ]);
});

test('minutes with decimal commas, degrees Fahrenheit by the name of their column', () => {
  const rows = [
    { minutes: '15', 'core °F': '72,5', room: '68' },
    { minutes: '30,5', 'core °F': '80', room: '68' },
  ];
  const how = guessTable(rows);
  expect(how).toMatchObject({
    times: 'minutes',
    unit: 'F',
    decimal: ',',
    temperatureColumn: 'core °F',
  });
  expect(minutes(rows)[0]).toEqual([15, 22.5]);
  expect(minutes(rows)[1]![0]).toBe(30.5);
});

test('days and times, hours, and a thermometer that was not there yet', () => {
  const moments = [{ date: '2026-05-04 23:00', C: '25' }];
  expect(minutes(moments)).toEqual([[60, 25]]);
  const hours = [
    { h: '1.5', C: '' },
    { h: '2', C: '28' },
  ];
  expect(minutes(hours)).toEqual([[120, 28]]);
});

test.each<[string, TableRows, Partial<TableHow>, string, object]>([
  [
    'a slip in a time',
    [...['15', '30', '45', '60'].map((t) => ({ t, C: '22' })), { t: 'soon', C: '23' }],
    {},
    'not-a-time',
    { row: 6 },
  ],
  ['no such hour', [{ t: '25:10', C: '22' }], {}, 'not-a-time', { row: 2 }],
  ['no such day', [{ t: '2026-02-30 10:00', C: '22' }], {}, 'not-a-time', { row: 2 }],
  [
    'a comma where points are',
    [{ t: '15', C: '22,5' }],
    { decimal: '.' },
    'not-a-temperature',
    { row: 2 },
  ],
  [
    'out of order',
    [
      { t: '20', C: '22' },
      { t: '15', C: '23' },
    ],
    {},
    'readings-out-of-order',
    {},
  ],
  ['before the pour', [{ t: '-5', C: '22' }], {}, 'before-pour', {}],
])('%s is refused', (_, rows, how, code, data) => {
  expect(() => readTable(rows, { ...guessTable(rows), ...how }, pour)).toThrow(
    expect.objectContaining({ code, data: expect.objectContaining(data) as object }) as Error,
  );
});

test.each<[string, TableRows]>([
  ['nothing', []],
  ['one column', [{ Time: '22:30' }]],
  ['words', [{ Time: '22:30', note: 'warm' }]],
])('%s: no readings are found in it', (_, rows) => {
  expect(() => guessTable(rows)).toThrow(
    expect.objectContaining({ code: 'no-readings-in-table' }) as Error,
  );
});
