import { buyingOf } from '../stock/buying';
import type { Plan, ResinBuying } from './planTypes';

/**
 * What is still to be bought for a job of which some is poured: what was poured came off the shelf, and is not needed again.
 * @param rests of each pour, the share that is still to be mixed; 1 where it is left out
 * @param today for best-before dates
 */
export function lessPoured(
  plan: Plan,
  rests: ReadonlyMap<number, number>,
  today: string | undefined,
): Plan {
  const restOf = (pour: number): number => rests.get(pour) ?? 1;
  if (plan.pours.every(({ index }) => restOf(index) === 1)) return plan;
  const buying = plan.buying.map((each): ResinBuying => {
    const { needMl, needG } = each.buying;
    const restMl = each.pours.reduce(
      (sum, pour) => sum + plan.pours[pour]!.totalMl * restOf(pour),
      0,
    );
    if (restMl === needMl) return each;
    return {
      ...each,
      pouredMl: needMl - restMl,
      buying: buyingOf(restMl, each.card, needG / needMl, today),
    };
  });
  return { ...plan, buying };
}
