/** How a pour cures beside its plan: warmer or cooler, or in step with it but earlier or later. */
export const paces = ['hot', 'cool', 'ahead', 'behind', 'as-planned'] as const;
export type Pace = (typeof paces)[number];

/** Within a thermometer's own doubt and what a shed does, K. */
const asPlannedK = 2;
/** Nobody plans closer than this, min, or so much of the time itself. */
const [asPlannedMin, asPlannedShare] = [20, 0.05];

/**
 * How a pour cures, by what was measured of it.
 * @param plannedMin when its last layer peaks or gels by its plan, min
 */
export function paceOf(
  {
    overK = 0,
    aheadMin = 0,
  }: { readonly overK?: number | undefined; readonly aheadMin?: number | undefined },
  plannedMin: number | undefined,
): Pace {
  if (overK >= asPlannedK) return 'hot';
  if (overK <= -asPlannedK) return 'cool';
  const tells = Math.max(asPlannedMin, asPlannedShare * (plannedMin ?? 0));
  if (aheadMin >= tells) return 'ahead';
  return aheadMin <= -tells ? 'behind' : 'as-planned';
}
