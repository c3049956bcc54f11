import type { HeatPlan } from '../../core/plan/heat/heatOfPlan';

/** Time that is worth looking at, h: until it is out of the mould, or long after its peak. */
export function shownHours({ layers }: HeatPlan, lastH: number): number {
  const ends = layers.map(
    ({ pouredH, peakH = 0, tackFreeH = 0, demouldH = 0 }) =>
      pouredH + Math.max(2 * peakH, tackFreeH, demouldH, 6),
  );
  return Math.min(lastH, Math.max(...ends) * 1.05);
}
