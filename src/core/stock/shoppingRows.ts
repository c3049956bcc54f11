import { roundToStep } from '../quantity/round';
import type { Buying } from './buying';

/** What is bought, or taken off the shelf, as a row of a table. */
export interface ShoppingRow {
  readonly resin: string;
  readonly jobs: string;
  readonly neededMl: number;
  readonly from: 'shelf' | 'buy';
  readonly what: string;
  readonly supplier: string | undefined;
  readonly count: number | undefined;
  readonly ml: number | undefined;
  readonly cost: number | undefined;
}

interface Shopped {
  readonly card: { readonly name: string };
  readonly jobs: readonly string[];
  readonly buying: Buying;
}

const rounded = (value: number): number => roundToStep(value, 0.01);

/** A shopping list as rows: what of each resin is on the shelf, then what is bought of it. */
export const shoppingRows = (shopping: readonly Shopped[]): readonly ShoppingRow[] =>
  shopping.flatMap(({ card, jobs, buying }) => {
    const of = {
      resin: card.name,
      jobs: jobs.join(', '),
      neededMl: rounded(buying.needMl),
    };
    return [
      ...buying.lots
        .filter(({ takenMl }) => takenMl > 0)
        .map(({ code, takenMl }) => ({
          ...of,
          from: 'shelf' as const,
          what: code ?? '',
          supplier: undefined,
          count: undefined,
          ml: rounded(takenMl),
          cost: undefined,
        })),
      ...buying.kits
        .filter(({ count }) => count > 0)
        .map(({ size, supplier, count, cost }) => ({
          ...of,
          from: 'buy' as const,
          what: size,
          supplier,
          count,
          ml: undefined,
          cost: rounded(cost),
        })),
    ];
  });
