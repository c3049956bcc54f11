import type { ResolvedPour } from '../job/resolveJob';
import type { Resin } from '../resin/resinSchema';
import { buyingOf, type Buying } from '../stock/buying';
import type { PourPlan, ResinBuying } from './planTypes';

/** What one pour needs of a card. */
interface Need {
  readonly card: Resin;
  readonly ml: number;
  readonly g: number;
}

/** A card is known by its id on the shelf, without one by its name. */
export const cardKey = ({ id, name }: Resin): string => id ?? `by name: ${name}`;

function grouped<T>(items: readonly T[], keyOf: (item: T) => string): readonly (readonly T[])[] {
  const groups = new Map<string, T[]>();
  for (const item of items) {
    const key = keyOf(item);
    const group = groups.get(key);
    if (group === undefined) groups.set(key, [item]);
    else group.push(item);
  }
  return [...groups.values()];
}

/** Needs of one card are one need, so that lots and deliveries count once. */
function buyTogether(needs: readonly Need[], today: string | undefined): Buying | undefined {
  const [first] = needs;
  if (first === undefined) return undefined;
  const ml = needs.reduce((sum, need) => sum + need.ml, 0);
  const g = needs.reduce((sum, need) => sum + need.g, 0);
  return buyingOf(ml, first.card, g / ml, today);
}

/**
 * What to buy for a job, resin by resin.
 * @param pours, plans of the same job
 * @param today for best-before dates
 */
export function buyingByResin(
  pours: readonly ResolvedPour[],
  plans: readonly Pick<PourPlan, 'totalMl' | 'totalG'>[],
  today: string | undefined,
): readonly ResinBuying[] {
  const needs = pours.map((pour, index) => ({
    pour,
    ml: plans[index]?.totalMl ?? 0,
    g: plans[index]?.totalG ?? 0,
  }));
  return grouped(needs, ({ pour }) => cardKey(pour.found)).flatMap((group): ResinBuying[] => {
    const [first, second] = group;
    if (first === undefined) return [];
    const { card, resin } = first.pour;
    // One pour is weighed with its own density, to the last digit.
    const buying =
      second === undefined
        ? buyingOf(first.ml, card, resin.mixedDensityGPerMl, today)
        : buyTogether(
            group.map(({ ml, g }) => ({ card, ml, g })),
            today,
          );
    return buying === undefined
      ? []
      : [{ card, pours: group.map(({ pour }) => pour.index), buying }];
  });
}

/** What several jobs need of one resin together. */
export interface Shopping {
  readonly card: Resin;
  readonly jobs: readonly string[];
  readonly buying: Buying;
}

/** What a job needs of each resin; a plan says it, and more. */
export interface JobNeeds {
  readonly name: string;
  readonly buying: readonly {
    readonly card: Resin;
    readonly buying: Pick<Buying, 'needMl' | 'needG'>;
  }[];
}

/**
 * What to buy for several jobs: their needs of one resin are one need.
 * @param today for best-before dates
 */
export function shoppingOf(
  plans: readonly JobNeeds[],
  today: string | undefined,
): readonly Shopping[] {
  const needs = plans.flatMap(({ name, buying }) =>
    buying
      .map((each) => ({
        name,
        card: each.card,
        ml: each.buying.needMl,
        g: each.buying.needG,
      }))
      // Of what is poured already nothing is bought.
      .filter(({ ml }) => ml > 0),
  );
  return grouped(needs, ({ card }) => cardKey(card)).flatMap((group): Shopping[] => {
    const buying = buyTogether(group, today);
    const [first] = group;
    return buying === undefined || first === undefined
      ? []
      : [{ card: first.card, jobs: group.map(({ name }) => name), buying }];
  });
}

/** What all of it costs with delivery, as far as kits are on sale; undefined where none is. */
export function shoppingCost(shopping: readonly { readonly buying: Buying }[]): number | undefined {
  const costs = shopping.flatMap(({ buying }) => buying.cost ?? []);
  return costs.length === 0 ? undefined : costs.reduce((sum, each) => sum + each, 0);
}
