import type { PourPlan } from '../plan/planTypes';

/** What the pouring of a layer is known by. */
export const pourTaskId = (pour: Pick<PourPlan, 'id'>, layer: number): string =>
  `${pour.id}/layer-${layer + 1}`;

/** What taking a pour out of its form is known by. */
export const demouldTaskId = (pour: Pick<PourPlan, 'id'>): string => `${pour.id}/demould`;

/** What planing a pour flat is known by. */
export const planeTaskId = (pour: Pick<PourPlan, 'id'>): string => `${pour.id}/plane`;
