import type { PlannedLayer } from '../../core/plan/planTypes';

/** Nobody marks a form finer than this, mm. */
const markedMm = 0.5;

/**
 * Heights of one's own to begin with: where the layers end as they are planned now; of one pour, its middle.
 * @returns as they are typed; empty where the pour has no heights
 */
export function beginHeights(layers: readonly PlannedLayer[] | undefined): string[] {
  const tops = (layers ?? []).flatMap(({ toMm }) => toMm ?? []);
  const first = layers?.[0];
  const ends =
    tops.length > 1 ? tops.slice(0, -1) : tops.map((topMm) => ((first?.fromMm ?? 0) + topMm) / 2);
  return ends.map((mm) => `${Math.round(mm / markedMm) * markedMm} mm`);
}
