import { Temporal } from 'temporal-polyfill';
import { inCupMinOf } from './batchFigures';
import { factsOf } from './recordFacts';
import type { BatchRecord, PieceRecord, PourRecord } from './recordSchema';

/** A row of a table: figures stay figures. */
export type RecordRow = Readonly<Record<string, string | number | undefined>>;

/** A moment as every table program reads it. */
const instantOf = (ms: number | undefined): string | undefined =>
  ms === undefined ? undefined : Temporal.Instant.fromEpochMilliseconds(ms).toString();

const rounded = (figure: number | null | undefined, decimals = 2): number | undefined =>
  figure === undefined || figure === null ? undefined : Number(figure.toFixed(decimals));

const yesNo = (said: boolean | undefined): string | undefined =>
  said === undefined ? undefined : said ? 'yes' : 'no';

const wholeOf = ({ name, madeAt, rating, faults, notes }: PieceRecord): RecordRow => ({
  piece: name,
  'made at': instantOf(madeAt),
  rating,
  faults: faults.map(({ kind, severity }) => `${kind} ${severity}`).join('; '),
  notes,
});

const pourOf = (pour: PourRecord | undefined): RecordRow => ({
  pour: pour?.name,
  resin: pour?.resin,
  family: pour?.family,
  hardener: pour?.hardener,
  lots: pour?.lots.map(({ name }) => name).join('; '),
  'room °C': rounded(pour?.roomC, 1),
  'humidity %': rounded(pour?.humidityPercent, 1),
  'resin °C': rounded(pour?.resinC, 1),
});

/**
 * A record as rows, one for each batch, every column in each: units stand in their names.
 * @returns one row for a record of which no batch is known
 */
export function rowsOfRecord(record: PieceRecord): readonly RecordRow[] {
  const whole = wholeOf(record);
  const { batches } = factsOf(record);
  const row = (pour: PourRecord | undefined, batch: (typeof batches)[number] | undefined) => {
    const { metAt, pouredAt, ...of }: Partial<BatchRecord> = batch?.record ?? {};
    return {
      ...whole,
      ...pourOf(pour),
      layer: batch && batch.layer + 1,
      batch: batch?.number,
      'depth mm': rounded(batch && batch.pour.layers[batch.layer]?.depthMm, 1),
      'planned A g': rounded(of.plannedAG),
      'planned B g': rounded(of.plannedBG),
      'A g': rounded(of.aG),
      'B g': rounded(of.bG),
      'B off ratio %': rounded(batch?.offPercent),
      'stirred min': rounded(of.stirredMin),
      'second cup': yesNo(of.secondCup),
      'A met B at': instantOf(metAt),
      'poured at': instantOf(pouredAt),
      'in cup min': rounded(inCupMinOf({ metAt, pouredAt })),
      'lasts in cup min': rounded(of.pourableMin),
      'left g': rounded(of.leftG),
    };
  };
  return batches.length === 0
    ? [row(record.pours[0], undefined)]
    : batches.map((batch) => row(batch.pour, batch));
}
