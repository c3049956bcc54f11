import { Temporal } from 'temporal-polyfill';
import { overPercentOf, sumOfKnown } from '../record/batchFigures';
import { factsOf } from '../record/recordFacts';
import type { PieceRecord } from '../record/recordSchema';
import { familyOf, type FamilyKind } from '../resin/families';
import { medianOf, type OwnFigure } from './medianOf';
import { ownNeeds, type OwnNeeds } from './ownNeeds';

/** How evenly somebody weighs: poured over the figure, percent of it; below 0 for short of it. */
export interface Evenness {
  readonly meanPercent: number;
  readonly spreadPercent: number;
  readonly count: number;
}

/** What a month took. */
export interface MonthFigures {
  /** `2026-05` */
  readonly month: string;
  readonly pieces: number;
  readonly mixedG: number;
  /** Undefined where no price was known. */
  readonly cost: number | undefined;
  readonly lostCost: number | undefined;
}

/** What records tell of a shop. */
export interface ShopFigures {
  /** How long it is stirred, min, by kind of resin. */
  readonly stirMin: Readonly<Partial<Record<FamilyKind, OwnFigure>>>;
  readonly evenness: { readonly a: Evenness | undefined; readonly b: Evenness | undefined };
  /** From A meeting B to the mould, of the time that there was; percent. */
  readonly potPercent: OwnFigure | undefined;
  readonly needs: OwnNeeds;
  /** The earliest first. */
  readonly months: readonly MonthFigures[];
}

/** Further off than this it was no slip of the hand, but another figure. */
const otherFigurePercent = 20;
/** Fewer tell nothing of a hand. */
const fewest = 3;

function evennessOf(offs: readonly number[]): Evenness | undefined {
  const own = offs.filter((off) => Math.abs(off) < otherFigurePercent);
  if (own.length < fewest) return undefined;
  const mean = own.reduce((sum, off) => sum + off, 0) / own.length;
  const squares = own.reduce((sum, off) => sum + (off - mean) ** 2, 0);
  return {
    meanPercent: mean,
    spreadPercent: Math.sqrt(squares / (own.length - 1)),
    count: own.length,
  };
}

function monthsOf(records: readonly PieceRecord[], zone: string): readonly MonthFigures[] {
  const by = new Map<string, PieceRecord[]>();
  for (const record of records) {
    const month = Temporal.Instant.fromEpochMilliseconds(record.madeAt)
      .toZonedDateTimeISO(zone)
      .toPlainDate()
      .toPlainYearMonth()
      .toString();
    by.set(month, [...(by.get(month) ?? []), record]);
  }
  return [...by.entries()]
    .sort(([one], [other]) => (one < other ? -1 : 1))
    .map(([month, own]) => {
      const pours = own.flatMap((record) => record.pours);
      const batches = pours.flatMap(({ layers }) => layers.flatMap((layer) => layer.batches));
      return {
        month,
        pieces: own.length,
        mixedG: batches.reduce((sum, { aG = 0, bG = 0 }) => sum + aG + bG, 0),
        cost: sumOfKnown(pours.map((pour) => pour.cost)),
        lostCost: sumOfKnown(pours.map((pour) => pour.lostCost)),
      };
    });
}

/**
 * What records tell of the hands and the money of a shop, each with the count behind it.
 * @param zone where its months begin and end: `Europe/London`
 */
export function shopFigures(records: readonly PieceRecord[], zone: string): ShopFigures {
  const batches = records.flatMap((record) => factsOf(record).batches);
  const stirs = new Map<FamilyKind, number[]>();
  for (const { pour, record } of batches) {
    if (record.stirredMin === undefined) continue;
    const { kind } = familyOf(pour.family);
    stirs.set(kind, [...(stirs.get(kind) ?? []), record.stirredMin]);
  }
  return {
    stirMin: Object.fromEntries([...stirs].map(([kind, values]) => [kind, medianOf(values)])),
    evenness: {
      a: evennessOf(
        batches.flatMap(({ record }) => overPercentOf(record.aG, record.plannedAG) ?? []),
      ),
      b: evennessOf(
        batches.flatMap(({ record }) => overPercentOf(record.bG, record.plannedBG) ?? []),
      ),
    },
    potPercent: medianOf(
      batches.flatMap(({ potShare }) => (potShare === undefined ? [] : [potShare * 100])),
    ),
    needs: ownNeeds(records),
    months: monthsOf(records, zone),
  };
}
