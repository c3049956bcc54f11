import type { ResolvedPour } from '../job/resolveJob';
import { heatKindOf, hasHeat } from '../resin/families';
import { warmEndC } from '../thermal/bands';
import type { KeptCalibrations } from './heat/calibrationOf';
import { belowPour, type PlannedBelow } from './heat/belowPour';
import { firstCool, longestMin } from './heat/coolSearch';
import { firstPeakC } from './heat/pourClock';
import { joinOf, stickyEndMin } from './joinPours';
import type { ReadyCavity } from './leftoversOf';
import { planPour, type PlannedPour } from './planPour';
import type { PourJoint } from './planTypes';
import type { PouredForm } from './pouredForm';

/** What was poured before, from the first, and how each of it joined the one before it. */
export interface PouredSoFar {
  readonly earlier: readonly PlannedBelow[];
  readonly joins: readonly (PourJoint | undefined)[];
}

/** A pour planned on what is under it, and how it joins that. */
export interface PlannedAfter {
  readonly planned: PlannedPour;
  readonly join: PourJoint | undefined;
}

/** A pour may be this much hotter on another than by itself, where that is over the limit already, K. */
const pairK = 2;

/**
 * Plans a pour on what was poured before it. Where the two would heat each other it waits until they stay cool: inside the sticky
 * window if there is room in it, else until the one below has cured, to be scuffed. A wait that the person typed stands.
 * @throws InputError those of `planPour`
 */
export function planAfter(
  { earlier, joins }: PouredSoFar,
  pour: ResolvedPour,
  poured: PouredForm,
  context: { readonly kept: KeptCalibrations | undefined; readonly ready: readonly ReadyCavity[] },
): PlannedAfter {
  const { kept } = context;
  const plannedAt = (join: PourJoint | undefined): PlannedPour =>
    planPour(pour, poured, { ...context, below: belowAt(join) });
  const belowAt = (join: PourJoint | undefined) => (partDepthMm: number) =>
    belowPour(earlier, poured, partDepthMm, kept, [...joins, join]);
  const before = earlier.at(-1);
  const join = before && joinOf(before.pour, pour, before.plan);
  const planned = plannedAt(join);
  if (before === undefined || join?.waitMin === undefined || join.typed) return { planned, join };

  const { family } = pour.card;
  if (!hasHeat(family) || heatKindOf(family) === 'polyurethane') return { planned, join };
  const easyC = warmEndC(family);
  const isHot = planned.plan.layers.some(({ cure }) => (cure?.peakC ?? 0) > easyC);
  if (!isHot) return { planned, join };
  const peakC = (waitMin: number): number | undefined =>
    firstPeakC(pour, poured, planned.plan, kept, belowAt({ ...join, waitMin }));
  // As hot as this it is by itself: no wait helps.
  const aloneC = firstPeakC(pour, poured, planned.plan, kept, () => []);
  if (aloneC === undefined) return { planned, join };
  const limitC = Math.max(easyC, aloneC + pairK);
  const isCool = (waitMin: number): boolean => (peakC(waitMin) ?? Infinity) <= limitC;
  if (isCool(join.waitMin)) return { planned, join };

  const sticky =
    join.school === 'tacky'
      ? firstCool(join.waitMin, stickyEndMin(before.pour, before.plan) ?? longestMin, isCool)
      : undefined;
  if (sticky !== undefined) return cooled({ ...join, waitMin: sticky, coolMin: sticky });
  // Wanted sticky all the same: the plan warns of what comes of it.
  if (pour.said.joint === 'tacky') return { planned, join };
  const cured = joinOf(before.pour, pour, before.plan, 'scuff');
  const { waitMin: curedMin } = cured;
  if (curedMin === undefined) return { planned, join };
  const coolMin = isCool(curedMin) ? curedMin : firstCool(curedMin, longestMin, isCool);
  return coolMin === undefined
    ? { planned, join }
    : cooled({ ...cured, waitMin: coolMin, coolMin });

  function cooled(later: PourJoint): PlannedAfter {
    return { planned: plannedAt(later), join: later };
  }
}
