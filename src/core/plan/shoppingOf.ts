import type { Resin } from '../resin/resinSchema';
import { buyingOf, type Buying } from '../stock/buying';
import type { Plan } from './planTypes';

/** A plan with the card it was made with. */
export interface PlannedNeed {
  readonly plan: Plan;
  readonly card: Resin;
}

/** What several jobs need of one resin together. */
export interface Shopping {
  readonly card: Resin;
  readonly jobs: readonly string[];
  readonly buying: Buying;
}

/**
 * What to buy for several jobs: their needs of one resin are one need, so that lots and deliveries count once.
 * @param today for best-before dates
 */
export function shoppingOf(
  needs: readonly PlannedNeed[],
  today: string | undefined,
): readonly Shopping[] {
  const byCard = new Map<string, PlannedNeed[]>();
  for (const need of needs) {
    const key = need.card.id ?? `by name: ${need.card.name}`;
    byCard.set(key, [...(byCard.get(key) ?? []), need]);
  }
  return [...byCard.values()].flatMap((group): Shopping[] => {
    const [first] = group;
    if (first === undefined) return [];
    const needMl = group.reduce((sum, { plan }) => sum + plan.totalMl, 0);
    const needG = group.reduce((sum, { plan }) => sum + plan.totalG, 0);
    return [
      {
        card: first.card,
        jobs: group.map(({ plan }) => plan.name),
        buying: buyingOf(needMl, first.card, needG / needMl, today),
      },
    ];
  });
}

/** What all of it costs with delivery, as far as kits are on sale; undefined where none is. */
export function shoppingCost(shopping: readonly Shopping[]): number | undefined {
  const costs = shopping.flatMap(({ buying }) => buying.cost ?? []);
  return costs.length === 0 ? undefined : costs.reduce((sum, each) => sum + each, 0);
}
