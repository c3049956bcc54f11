import type { Buying, PricedSize } from '../core/stock/buying';
import type { LotUse } from '../core/stock/lots';
import { shoppingCost, type Shopping } from '../core/plan/shoppingOf';
import { sayG, sayMl, sayMoney } from './figures';
import { sayProblem } from './problems';

/** A lot on the shelf, by what people tell them apart by, and what there is of it. */
export function sayLot({ leftMl, code, opened, bestBefore, expired }: LotUse): {
  readonly name: string;
  readonly there: string;
} {
  const until =
    bestBefore === undefined ? '' : expired ? `, past ${bestBefore}` : `, good to ${bestBefore}`;
  return {
    name: `From the shelf${code === undefined ? '' : `, ${code}`}, ${opened === undefined ? 'unopened' : `opened ${opened}`}`,
    there: `of ${sayMl(leftMl)}${until}`,
  };
}

/** What a kit costs for what is in it, to compare. */
export function sayKit(kit: PricedSize, currency: string): string {
  const from = kit.supplier === '' ? '' : ` from ${kit.supplier}`;
  return (
    `${kit.size}${from}: ${sayMoney(kit.perLitre, currency)} a litre, ` +
    `${sayMoney(kit.perKg, currency)} a kg`
  );
}

export const sayBuyingProblem = (problem: NonNullable<Buying['problem']>): string =>
  sayProblem({ code: problem, data: {}, value: undefined });

/** So many jobs are named; of more it is said how many there are. */
const mostNamed = 12;

/** Jobs by name. */
export function sayJobs(names: readonly string[]): string {
  const named = names.slice(0, mostNamed).map((name) => name.trim() || 'a job without a name');
  const others = names.length - named.length;
  return `${named.join(', ')}${others === 0 ? '' : ` and ${others} more`}`;
}

/** The shopping list as plain text. */
export function shoppingText(shopping: readonly Shopping[], currency: string): string {
  const together = shoppingCost(shopping);
  const lines = shopping.flatMap(({ card, jobs, buying }) => [
    `${card.name}: ${sayMl(buying.needMl)}, ${sayG(buying.needG)} (${sayJobs(jobs)})`,
    ...(buying.fromLotsMl > 0 ? [`  from the shelf ${sayMl(buying.fromLotsMl)}`] : []),
    ...buying.kits
      .filter(({ count }) => count > 0)
      .map(
        ({ count, size, supplier, cost }) =>
          `  [ ] ${count} × ${size}${supplier === '' ? '' : `, ${supplier}`}: ${sayMoney(cost, currency)}`,
      ),
    ...(buying.deliveries > 0 ? [`  delivery ${sayMoney(buying.deliveries, currency)}`] : []),
    ...(buying.problem !== undefined && buying.missingMl > 0
      ? [`  ! ${sayBuyingProblem(buying.problem)}`]
      : []),
  ]);
  return [
    'Shopping list',
    '',
    ...lines,
    ...(together === undefined ? [] : ['', `Together ${sayMoney(together, currency)}`]),
  ].join('\n');
}
