import { Temporal } from 'temporal-polyfill';
import { toCelsius } from '../learn/fahrenheit';
import type { TableRows } from '../learn/readingsTable';
import { InputError } from '../problem';
import { labelOf } from '../resin/labelOf';
import type { Resin } from '../resin/resinSchema';
import { checkedOrThrow } from '../schema/check';
import { faultKinds, severities, type FaultKind, type FaultSeverity } from './faults';
import {
  pieceRecordSchema,
  type BatchRecord,
  type LayerRecord,
  type PieceRecord,
} from './recordSchema';

/** What a column may hold, in the order in which it is asked; each with what such columns are called. */
const columnNames = {
  piece: /^piece$|piece|project|^name$|item|title/i,
  made: /^made at$|made|date|poured on|^day$|when/i,
  resin: /^resin$|resin|epoxy|product|system/i,
  lot: /^lots?$|lot|batch no|charge/i,
  layer: /^layer$|layer|coat no/i,
  depth: /^depth mm$|depth|thick/i,
  room: /^room °C$|room|temp|ambient/i,
  humidity: /humid|^rh\b/i,
  plannedA: /^planned a g$|planned.*\ba\b/i,
  plannedB: /^planned b g$|planned.*\bb\b/i,
  a: /^a g$|^(part )?a\b|resin.*(g|weight|mass)$/i,
  b: /^b g$|^(part )?b\b|hardener.*(g|weight|mass)$/i,
  left: /^left g$|left over|left in/i,
  stirred: /^stirred min$|stir|mix.*(min|time)/i,
  inCup: /^in cup min$|in cup|pot time/i,
  rating: /^rating$|rating|stars|score/i,
  faults: /^faults$|fault|defect|problem|issue/i,
  notes: /^notes$|note|remark|comment/i,
} as const;

export type RecordColumn = keyof typeof columnNames;
export const recordColumns = Object.keys(columnNames) as readonly RecordColumn[];

/** How a table of records is to be read. */
export interface RecordsHow {
  readonly columns: Readonly<Partial<Record<RecordColumn, string>>>;
  /** What comes first in `4/5/2026`. */
  readonly dates: 'day' | 'month';
  readonly decimal: '.' | ',';
  readonly degrees: 'C' | 'F';
  readonly weights: 'g' | 'oz';
}

const gPerOz = 28.349523125;
const slashed =
  /^\s*(\d{1,2})[./-](\d{1,2})[./-](\d{4}|\d{2})(?:[ ,T]+(\d{1,2}):(\d{2})(?::\d{2})?)?\s*$/;
const written =
  /^\s*(\d{4})-(\d{2})-(\d{2})(?:[T ](\d{2}):(\d{2})(?::\d{2}(?:\.\d+)?)?)?(Z|[+-]\d{2}:\d{2})?\s*$/;

const cellsOf = (rows: TableRows, column: string | undefined): readonly string[] =>
  column === undefined ? [] : rows.map((row) => (row[column] ?? '').trim()).filter(Boolean);

function datesIn(cells: readonly string[]): RecordsHow['dates'] {
  for (const cell of cells) {
    const [, first, second] = slashed.exec(cell) ?? [];
    if (Number(first) > 12) return 'day';
    if (Number(second) > 12) return 'month';
  }
  return 'day';
}

/** Whether dates of a column could be meant either way. */
export const areDatesUnclear = (rows: TableRows, { columns }: RecordsHow): boolean => {
  const parts = cellsOf(rows, columns.made).flatMap((cell) => {
    const [, first, second] = slashed.exec(cell) ?? [];
    return first === undefined ? [] : [[Number(first), Number(second)] as const];
  });
  return (
    parts.length > 0 &&
    parts.every(([first, second]) => first <= 12 && second <= 12) &&
    parts.some(([first, second]) => first !== second)
  );
};

/**
 * How a table is likely to be read: each of these is shown, and asked.
 * @throws InputError `no-records-in-table` where no column could be names of pieces, or none their day
 */
export function guessRecords(rows: TableRows): RecordsHow {
  const all = Object.keys(rows[0] ?? {});
  const columns: Partial<Record<RecordColumn, string>> = {};
  const taken = new Set<string>();
  for (const wanted of recordColumns) {
    const found = all.find((name) => !taken.has(name) && columnNames[wanted].test(name.trim()));
    if (found === undefined) continue;
    columns[wanted] = found;
    taken.add(found);
  }
  if (columns.piece === undefined || columns.made === undefined) {
    throw new InputError('no-records-in-table', all.join(', '), { columns: all });
  }
  const figures = (['a', 'b', 'room', 'depth', 'stirred'] as const).flatMap((each) =>
    cellsOf(rows, columns[each]),
  );
  return {
    columns,
    dates: datesIn(cellsOf(rows, columns.made)),
    decimal: figures.some((cell) => /\d,\d/.test(cell)) ? ',' : '.',
    degrees: /°?\s*f\b|fahrenheit/i.test(columns.room ?? '') ? 'F' : 'C',
    weights: /\boz\b|ounce/i.test(columns.a ?? '') ? 'oz' : 'g',
  };
}

/** A moment of a cell, ms; a day alone is its noon. */
function momentIn(cell: string, dates: RecordsHow['dates'], zone: string): number | undefined {
  try {
    const iso = written.exec(cell);
    if (iso !== null && iso[6] !== undefined) {
      return Temporal.Instant.from(cell.trim().replace(' ', 'T')).epochMilliseconds;
    }
    const parts = iso ?? slashed.exec(cell);
    if (parts === null) return undefined;
    const [one, two, three, hour = '12', minute = '0'] = parts.slice(1);
    const [year, month, day] =
      iso !== null ? [one, two, three] : dates === 'day' ? [three, two, one] : [three, one, two];
    const whole = Number(year) < 100 ? 2000 + Number(year) : Number(year);
    return Temporal.PlainDateTime.from(
      {
        year: whole,
        month: Number(month),
        day: Number(day),
        hour: Number(hour),
        minute: Number(minute),
      },
      { overflow: 'reject' },
    ).toZonedDateTime(zone).epochMilliseconds;
  } catch (error) {
    // No such day, or no such hour.
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}

/** A fault by its code or its name; with a severity behind it where the table has one. */
function faultIn(
  text: string,
  names: Readonly<Record<FaultKind, string>>,
): PieceRecord['faults'][number] | undefined {
  const [, name = '', how] = /^(.*?)(?:\s+([123]))?$/.exec(text.trim().toLowerCase()) ?? [];
  const kind = faultKinds.find((each) => each === name || names[each].toLowerCase() === name);
  if (kind === undefined) return undefined;
  const severity = severities.find((each) => String(each) === how) ?? (2 satisfies FaultSeverity);
  return { kind, severity, place: undefined, note: undefined };
}

/** What tables are read with. */
export interface RecordsGiven {
  readonly zone: string;
  readonly cards: readonly Resin[];
  readonly faultNames: Readonly<Record<FaultKind, string>>;
}

/** The greatest that a figure of a column may be. */
const most: Partial<Record<RecordColumn, number>> = { humidity: 100, layer: 200, rating: 5 };

/**
 * The records of a table: rows of one name and one day are batches of one piece.
 * @throws InputError `row-without-piece`, `row-without-day`, `not-a-figure`, `cell-too-long` with the row as people count and the column
 */
export function readRecords(
  rows: TableRows,
  how: RecordsHow,
  { zone, cards, faultNames }: RecordsGiven,
): readonly PieceRecord[] {
  const pieces = new Map<string, PieceRecord>();
  rows.forEach((row, index) => {
    // As people count, under the line with the names.
    const place = index + 2;
    const cell = (column: RecordColumn): string => (row[how.columns[column] ?? ''] ?? '').trim();
    const figure = (column: RecordColumn, least = 0, whole = false): number | undefined => {
      const text = cell(column);
      if (text === '') return undefined;
      // A unit behind a figure is no figure, but the usual way to write one.
      const [, number] = /^([+-]?\d+(?:[.,]\d+)?)\s*[^\d.,]*$/.exec(text) ?? [];
      const value =
        number === undefined || (how.decimal === '.' && number.includes(','))
          ? NaN
          : Number(number.replace(',', '.'));
      const fits = value >= least && value <= (most[column] ?? 1e6);
      if (!fits || (whole && !Number.isInteger(value))) {
        throw new InputError('not-a-figure', text, {
          row: place,
          column: how.columns[column] ?? '',
          decimal: how.decimal,
        });
      }
      return value;
    };
    const text = (column: RecordColumn, longest: number): string => {
      const told = cell(column);
      if (told.length > longest) {
        throw new InputError('cell-too-long', told.length, {
          row: place,
          column: how.columns[column] ?? '',
          longest,
        });
      }
      return told;
    };
    const weight = (column: RecordColumn): number | undefined => {
      const value = figure(column);
      return value === undefined ? undefined : value * (how.weights === 'oz' ? gPerOz : 1);
    };
    const name = text('piece', 200);
    if (name === '') throw new InputError('row-without-piece', '', { row: place });
    const madeAt = momentIn(cell('made'), how.dates, zone);
    if (madeAt === undefined || madeAt < 0) {
      throw new InputError('row-without-day', cell('made'), { row: place });
    }
    const key = `${name}\n${madeAt}`;
    const piece = pieces.get(key) ?? emptyPiece(name, madeAt);
    pieces.set(key, piece);
    const pour = piece.pours[0]!;
    const resin = text('resin', 200);
    const card = cards.find((each) => each.name.toLowerCase() === resin.toLowerCase());
    if (card !== undefined) {
      Object.assign(pour, { card: labelOf(card), family: card.family, resin: card.name });
    } else if (resin !== '') pour.resin = resin;
    const room = figure('room', -40);
    if (room !== undefined) pour.roomC = how.degrees === 'F' ? toCelsius(room) : room;
    pour.humidityPercent = figure('humidity') ?? pour.humidityPercent;
    for (const lot of cell('lot')
      .split(/\s*;\s*/)
      .filter(Boolean)) {
      if (pour.lots.every((each) => each.name !== lot)) {
        pour.lots.push({
          name: lot,
          part: 'both',
          opened: undefined,
          bestBefore: undefined,
        });
      }
    }
    const at = (figure('layer', 1, true) ?? 1) - 1;
    while (pour.layers.length <= at) pour.layers.push(emptyLayer(pour.layers.length, madeAt));
    const layer = pour.layers[at]!;
    layer.depthMm = figure('depth') ?? layer.depthMm;
    const inCupMin = figure('inCup');
    const batch: BatchRecord = {
      id: `layer-${at + 1}/${layer.batches.length + 1}`,
      plannedAG: weight('plannedA'),
      plannedBG: weight('plannedB'),
      aG: weight('a'),
      bG: weight('b'),
      leftG: weight('left'),
      stirredMin: figure('stirred'),
      ...(inCupMin === undefined
        ? {}
        : { metAt: madeAt, pouredAt: Math.round(madeAt + inCupMin * 60_000) }),
    };
    const isWeighed = [batch.aG, batch.bG, batch.stirredMin, inCupMin].some(
      (each) => each !== undefined,
    );
    if (isWeighed) layer.batches.push(batch);
    piece.rating = figure('rating', 1, true) ?? piece.rating;
    const told = text('faults', 1000)
      .split(/\s*[;,]\s*/)
      .filter(Boolean);
    const unknown: string[] = [];
    for (const text of told) {
      const fault = faultIn(text, faultNames);
      if (fault === undefined) unknown.push(text);
      else if (piece.faults.every(({ kind }) => kind !== fault.kind)) piece.faults.push(fault);
    }
    for (const line of [text('notes', 4000), unknown.join(', ')].filter(Boolean)) {
      if (!piece.notes.includes(line)) {
        piece.notes = [piece.notes, line].filter(Boolean).join('\n');
      }
    }
  });
  // What a record cannot hold, such as a thousand batches of one layer, is told and not kept.
  return [...pieces.values()].map((piece) => checkedOrThrow(pieceRecordSchema, piece));
}

const emptyLayer = (at: number, madeAt: number): LayerRecord => ({
  bubblePasses: [],
  batches: [],
  window: undefined,
  ...(at === 0 ? { begunAt: madeAt } : {}),
});

const emptyPiece = (name: string, madeAt: number): PieceRecord => ({
  name,
  madeAt,
  faults: [],
  photos: [],
  notes: '',
  pours: [
    {
      name: '',
      resin: '',
      family: 'casting-epoxy',
      card: undefined,
      mould: undefined,
      stood: undefined,
      lots: [],
      layers: [emptyLayer(0, madeAt)],
      readings: [],
      seen: [],
      looks: [],
      drops: [],
      said: [],
      byHand: true,
    },
  ],
});
