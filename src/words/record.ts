import { inCupMinOf, overPercentOf, potShareOf } from '../core/record/batchFigures';
import type { FaultKind } from '../core/record/faults';
import type { RecordColumn } from '../core/record/recordsTable';
import type { BatchRecord, LayerRecord, LotUsed, PourRecord } from '../core/record/recordSchema';
import { coatSurfaceWords } from './coats';
import {
  capital,
  sayDegrees,
  sayExactG,
  sayG,
  sayHeight,
  sayMoney,
  sayPercent,
  sayTime,
} from './figures';
import { faultNames } from './diagnosis';
import { sayClockAt, sayDayAt } from './moments';
import { sayBytes } from './storage';

const msPerMin = 60_000;
const tie = '\u00a0';

/** A day with its year: `Mon 4 May 2026`. */
export const sayDate = (at: number, zone: string): string => {
  const year = new Intl.DateTimeFormat('en-GB', { timeZone: zone, year: 'numeric' }).format(at);
  return `${sayDayAt(at / msPerMin, zone)} ${year}`;
};

const sayWhen = (at: number, zone: string): string =>
  `${sayDayAt(at / msPerMin, zone)} ${sayClockAt(at / msPerMin, zone)}`;

/** Of a record in a list: when, of what, how much, how well. */
export const sayRecordFacts = (
  {
    madeAt,
    resins,
    mixedG,
    rating,
  }: {
    readonly madeAt: number;
    readonly resins: readonly string[];
    readonly mixedG: number | undefined;
    readonly rating: number | undefined;
  },
  zone: string,
): string =>
  [
    sayDate(madeAt, zone),
    ...resins,
    ...(mixedG === undefined ? [] : [sayG(mixedG)]),
    ...(rating === undefined ? [] : [`${rating} of 5`]),
  ].join(' · ');

/** What was wrong with a piece, in a line; nothing where nothing was. */
export function sayRecordFaults(faults: readonly FaultKind[]): string {
  const names = [...new Set(faults)].map((kind) => faultNames[kind].toLowerCase());
  return names.length === 0 ? '' : capital(names.join(', '));
}

/** Less than this is told as on its figure, percent. */
const toldFromPercent = 0.5;

const off = (real: number | undefined, planned: number | undefined): string => {
  const percent = overPercentOf(real, planned) ?? 0;
  return Math.abs(percent) < toldFromPercent
    ? ''
    : ` (${percent > 0 ? '+' : '−'}${sayPercent(Math.abs(percent) / 100)})`;
};

const weight = (g: number | undefined): string => (g === undefined ? '–' : sayExactG(g));

/** A batch as it was weighed, and what it went through. */
export function sayBatch(
  batch: BatchRecord,
  place: number,
): {
  readonly title: string;
  readonly a: string;
  readonly b: string;
  readonly more: string;
} {
  const { aG, bG, plannedAG, plannedBG, stirredMin } = batch;
  const inCupMin = inCupMinOf(batch);
  const potShare = potShareOf(batch);
  return {
    title: `Batch ${place}`,
    a: `${weight(aG)}${off(aG, plannedAG)}`,
    b: `${weight(bG)}${off(bG, plannedBG)}`,
    more: [
      ...(stirredMin === undefined ? [] : [`stirred for ${sayTime(stirredMin)}`]),
      ...(batch.secondCup === true
        ? ['second cup']
        : batch.secondCup === false
          ? ['no second cup']
          : []),
      ...(inCupMin === undefined ? [] : [`${sayTime(inCupMin)} in the cup`]),
      ...(potShare === undefined
        ? []
        : [`${sayPercent(Math.round(potShare * 100) / 100)} of its time`]),
      ...(batch.heatedAt === undefined ? [] : ['it was heating']),
    ].join(' · '),
  };
}

/** A layer of a record, in a line. */
export const sayLayer = (layer: LayerRecord, place: number, zone: string): string =>
  [
    `Layer ${place}`,
    ...(layer.depthMm === undefined ? [] : [sayHeight(layer.depthMm)]),
    ...(layer.joint === undefined ? [] : [layer.joint === 'tacky' ? 'on a tacky one' : 'scuffed']),
    layer.begunAt === undefined ? 'not poured' : sayWhen(layer.begunAt, zone),
  ].join(' · ');

/** What surrounded a pour, in a line; nothing where nobody noted it. */
export function sayPourFacts(pour: PourRecord): string {
  const { roomC, humidityPercent, resinC, readings, hardener } = pour;
  const cured = readings.filter(({ place }) => place === 'core' || place === 'surface');
  return [
    ...(hardener === undefined ? [] : [hardener]),
    ...(roomC === undefined ? [] : [`room ${sayDegrees(roomC)}`]),
    ...(humidityPercent === undefined ? [] : [`${sayPercent(humidityPercent / 100)} humidity`]),
    ...(resinC === undefined ? [] : [`resin ${sayDegrees(resinC)}`]),
    ...(cured.length === 0
      ? []
      : [
          `${cured.length} ${cured.length === 1 ? 'reading' : 'readings'} up to ${sayDegrees(Math.max(...cured.map(({ c }) => c)))}`,
        ]),
  ].join(` ·${tie}`);
}

/** What somebody can say of a pour besides: yes or no. */
export const saidNames = {
  timberSealed: 'Timber sealed',
  released: 'Release agent on',
  formSealed: 'Form sealed',
  heldDown: 'Held down',
  surfaceCleaned: 'Surface wiped',
  covered: 'Under a cover',
} as const;
export type SaidOfPour = keyof typeof saidNames;
export const saidOfPour = Object.keys(saidNames) as readonly SaidOfPour[];

/** How sure a cause is, in words. */
export const sayWeight = (chance: number): string =>
  chance >= 0.85
    ? 'very likely'
    : chance >= 0.6
      ? 'likely'
      : chance >= 0.3
        ? 'possible'
        : 'not likely';

/** What photos take of the storage: `3 photos · 412 kB on this device`. */
export const sayPhotos = (count: number, bytes: number): string =>
  `${count} ${count === 1 ? 'photo' : 'photos'} · ${sayBytes(bytes)} on this device`;

/** What a column of a table may hold, to choose from. */
export const recordColumnNames: Readonly<Record<RecordColumn, string>> = {
  piece: 'The piece',
  made: 'The day',
  resin: 'Resin',
  lot: 'Lot',
  layer: 'Layer',
  depth: 'Depth, mm',
  room: 'Room',
  humidity: 'Humidity, %',
  plannedA: 'A planned',
  plannedB: 'B planned',
  a: 'A weighed',
  b: 'B weighed',
  left: 'Left in the cup',
  stirred: 'Stirred, min',
  inCup: 'In the cup, min',
  rating: 'Rating of 5',
  faults: 'Faults',
  notes: 'Notes',
};

/** Which bottles it came out of: `Lot K 412, opened 4 May 2026: 612 g`. */
export function sayLotUsed({ name, opened, usedG }: LotUsed): string {
  const since = opened === undefined || name.includes(opened) ? '' : `, opened ${opened}`;
  const used = usedG === undefined ? '' : `: ${sayG(usedG)}`;
  return `Lot ${name}${since}${used}`;
}

/** The mould, and which casting of it this was. */
export const sayMouldUsed = ({ name, castingsBefore }: NonNullable<PourRecord['mould']>): string =>
  castingsBefore === undefined ? `In ${name}` : `In ${name}, casting ${castingsBefore + 1} of it`;

/** How a coat looked before the next one. */
export const sayLook = (
  { at, layer, surface }: PourRecord['looks'][number],
  zone: string,
): string =>
  `Coat ${layer + 1} looked at ${sayWhen(at, zone)}: ${coatSurfaceWords[surface].name.toLowerCase()}`;

/** What a pour cost in resin, and what of that was lost; nothing where no price was known. */
export function sayPourCost(
  { cost, lostCost = 0 }: Pick<PourRecord, 'cost' | 'lostCost'>,
  currency: string,
): string {
  if (cost === undefined) return '';
  const lost = lostCost > 0.005 ? `, ${sayMoney(lostCost, currency)} of it over or lost` : '';
  return `${sayMoney(cost, currency)} of resin${lost}`;
}
