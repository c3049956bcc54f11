import { Temporal } from 'temporal-polyfill';
import { InputError } from '../problem';
import { toCelsius } from './fahrenheit';
import { refuseOrder } from './readingOrder';
import type { TimeForm } from './timeForms';

/** A table as it was read: a record a row, its cells by their column. */
export type TableRows = readonly Readonly<Record<string, string>>[];

/** How a table of readings is to be read. */
export interface TableHow {
  readonly timeColumn: string;
  readonly temperatureColumn: string;
  readonly times: TimeForm;
  readonly unit: 'C' | 'F';
  readonly decimal: '.' | ',';
}

const clockText = /^\s*(\d{1,2}):(\d{2})(?::(\d{2})(?:[.,]\d+)?)?\s*$/;
const momentText = /^\s*(\d{4})-(\d{2})-(\d{2})[T ](\d{1,2}):(\d{2})(?::(\d{2})(?:[.,]\d+)?)?\s*$/;
const numberText = /^\s*[+-]?\d+([.,]\d+)?\s*$/;

const timeNames = /time|clock|elapsed|date|hour|minute|second|\bmin\b|\bh\b|\bs\b/i;
const temperatureNames = /temp|°|celsius|fahrenheit|\bc\b|\bf\b|core|middle|surface/i;

const cells = (rows: TableRows, column: string): readonly string[] =>
  rows.map((row) => row[column] ?? '').filter((cell) => cell.trim() !== '');

/** How many of a column's cells are so written, 0 to 1. */
const share = (rows: TableRows, column: string, as: RegExp): number => {
  const all = cells(rows, column);
  return all.length === 0 ? 0 : all.filter((cell) => as.test(cell)).length / all.length;
};

function timesOf(rows: TableRows, column: string): TimeForm {
  if (share(rows, column, clockText) > 0.5) return 'clock';
  if (share(rows, column, momentText) > 0.5) return 'moment';
  if (/hour|\bh\b/i.test(column)) return 'hours';
  return /sec|\bs\b/i.test(column) ? 'seconds' : 'minutes';
}

/** Most of a column's cells must be so written. */
const mostly = 0.8;

/** A column that looks like times beats one that is only called so. */
function timeColumnOf(rows: TableRows, columns: readonly string[]): string | undefined {
  const written = columns.find(
    (column) =>
      share(rows, column, clockText) >= mostly || share(rows, column, momentText) >= mostly,
  );
  const isNumber = (column: string): boolean => share(rows, column, numberText) >= mostly;
  return (
    written ??
    columns.find((column) => timeNames.test(column) && isNumber(column)) ??
    columns.find(isNumber)
  );
}

/**
 * How a table is likely to be read: each of these is shown, and asked.
 * @throws InputError `no-readings-in-table` where no two columns could be times and temperatures
 */
export function guessTable(rows: TableRows): TableHow {
  const columns = Object.keys(rows[0] ?? {});
  const timeColumn = timeColumnOf(rows, columns);
  const others = columns.filter(
    (column) => column !== timeColumn && share(rows, column, numberText) >= mostly,
  );
  const temperatureColumn = others.find((column) => temperatureNames.test(column)) ?? others[0];
  if (timeColumn === undefined || temperatureColumn === undefined) {
    throw new InputError('no-readings-in-table', columns.join(', '), { columns });
  }
  const values = cells(rows, temperatureColumn);
  return {
    timeColumn,
    temperatureColumn,
    times: timesOf(rows, timeColumn),
    unit: /°\s*f|fahrenheit|\bf\b/i.test(temperatureColumn) ? 'F' : 'C',
    decimal: values.some((cell) => cell.includes(',')) ? ',' : '.',
  };
}

/** A number with this decimal mark, and no other. */
function numberIn(text: string, decimal: TableHow['decimal']): number | undefined {
  if (!numberText.test(text)) return undefined;
  if (decimal === '.' && text.includes(',')) return undefined;
  return Number(text.replace(',', '.'));
}

/** A reading of a table; ms, °C. */
export interface TableReading {
  readonly at: number;
  readonly c: number;
}

const perUnitMs = { minutes: 60_000, hours: 3_600_000, seconds: 1000 } as const;
const dayMs = 24 * 3_600_000;

/** Ms, as a clock or a day and a time where the person lives; undefined for what is none. */
function momentIn(
  text: string,
  form: 'clock' | 'moment',
  begun: Temporal.ZonedDateTime,
): number | undefined {
  const parts = (form === 'clock' ? clockText : momentText).exec(text);
  if (parts === null) return undefined;
  const figures = parts.slice(1).map((part) => Number(part ?? 0));
  try {
    if (form === 'clock') {
      const [hour, minute, second] = figures as [number, number, number];
      return begun.with({ hour, minute, second, millisecond: 0 }, { overflow: 'reject' })
        .epochMilliseconds;
    }
    const [year, month, day, hour, minute, second] = figures as number[];
    return Temporal.PlainDateTime.from(
      { year: year!, month: month!, day: day!, hour: hour!, minute: minute!, second: second! },
      { overflow: 'reject' },
    ).toZonedDateTime(begun.timeZoneId).epochMilliseconds;
  } catch (error) {
    // No such hour, or no such day.
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}

/**
 * The readings of a table. A clock that goes back has passed midnight.
 * @param pour when its first layer was begun, ms, and the zone that its clocks are of
 * @throws InputError `not-a-time`, `not-a-temperature` with the row as people count, `before-pour`, `readings-out-of-order`
 */
export function readTable(
  rows: TableRows,
  how: TableHow,
  pour: { readonly begunAt: number; readonly zone: string },
): readonly TableReading[] {
  const begun = Temporal.Instant.fromEpochMilliseconds(pour.begunAt).toZonedDateTimeISO(pour.zone);
  let [days, before] = [0, -Infinity];
  const timeOf = (text: string): number | undefined => {
    if (how.times === 'clock' || how.times === 'moment') {
      const moment = momentIn(text, how.times, begun);
      if (moment === undefined || how.times === 'moment') return moment;
      // The first may be of the morning after.
      while (moment + days * dayMs < Math.max(before, pour.begunAt)) days += 1;
      return moment + days * dayMs;
    }
    const figure = numberIn(text, how.decimal);
    return figure === undefined ? undefined : pour.begunAt + figure * perUnitMs[how.times];
  };
  const readings: TableReading[] = [];
  rows.forEach((row, index) => {
    const [time = '', temperature = ''] = [row[how.timeColumn], row[how.temperatureColumn]];
    // A thermometer that was not there yet leaves its cell empty.
    if (temperature.trim() === '') return;
    // As people count, under the line with the names.
    const place = index + 2;
    const at = timeOf(time);
    if (at === undefined)
      throw new InputError('not-a-time', time, { row: place, times: how.times });
    const degrees = numberIn(temperature, how.decimal);
    if (degrees === undefined) {
      throw new InputError('not-a-temperature', temperature, { row: place, decimal: how.decimal });
    }
    before = at;
    readings.push({ at: Math.round(at), c: how.unit === 'F' ? toCelsius(degrees) : degrees });
  });
  refuseOrder(readings.map(({ at }) => (at - pour.begunAt) / 3_600_000));
  return readings;
}
