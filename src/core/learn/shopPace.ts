import type { PourRecord } from '../record/recordSchema';
import type { OwnPace } from '../resin/ownPaceSchema';
import { hardenerOf, withHardener } from '../resin/withHardener';
import type { ReadingsFit } from '../thermal/fit/fitReadings';
import type { FactorRange } from '../thermal/fit/mixture';
import { togetherFit, type TogetherFit } from './togetherFit';

/** A pour that was measured, with what its readings say of its resin. */
export interface FittedPour {
  readonly pour: Pick<PourRecord, 'resin' | 'hardener' | 'card' | 'lots'>;
  readonly fit: ReadingsFit;
}

/** One resin with one of its hardeners, in one's own shop. */
export interface ShopPace {
  readonly resin: string;
  /** As `hardenerNames` has it. */
  readonly hardener: string;
  /** Undefined where every pour was refused. */
  readonly rate: TogetherFit | undefined;
  readonly film: TogetherFit | undefined;
  /** By lot, where a pour has one: a lot that differs is seen. */
  readonly lots: readonly { readonly lot: string; readonly rate: TogetherFit }[];
  readonly refused: readonly NonNullable<ReadingsFit['refused']>[];
}

const together = (ranges: readonly FactorRange[]): TogetherFit | undefined => {
  const [first, ...more] = ranges;
  return first === undefined ? undefined : togetherFit([first, ...more]);
};

const hardenerOfPour = ({ card, hardener }: FittedPour['pour']): string =>
  card === undefined ? (hardener ?? '') : hardenerOf(withHardener(card, hardener));

/** What measured pours say of each resin with each of its hardeners: by name, as they stand in the records. */
export function shopPaces(pours: readonly FittedPour[]): readonly ShopPace[] {
  const groups = new Map<string, FittedPour[]>();
  for (const each of pours) {
    const key = JSON.stringify([each.pour.resin, hardenerOfPour(each.pour)]);
    groups.set(key, [...(groups.get(key) ?? []), each]);
  }
  return [...groups.values()].map((own): ShopPace => {
    const told = own.filter(({ fit }) => fit.refused === undefined);
    const lots = new Map<string, FactorRange[]>();
    for (const { pour, fit } of told) {
      for (const lot of new Set(pour.lots.map(({ name }) => name))) {
        lots.set(lot, [...(lots.get(lot) ?? []), fit.rate]);
      }
    }
    return {
      resin: own[0]!.pour.resin,
      hardener: hardenerOfPour(own[0]!.pour),
      rate: together(told.map(({ fit }) => fit.rate)),
      film: together(told.map(({ fit }) => fit.film)),
      lots: [...lots].flatMap(([lot, ranges]) => {
        const rate = together(ranges);
        return rate === undefined ? [] : [{ lot, rate }];
      }),
      refused: own.flatMap(({ fit }) => fit.refused ?? []),
    };
  });
}

/** What a card keeps of it, for plans to go by. */
export const ownPaceOf = (hardener: string, rate: TogetherFit): OwnPace => ({
  hardener,
  factor: rate.value,
  low: rate.low,
  high: rate.high,
  pours: rate.pours,
});
