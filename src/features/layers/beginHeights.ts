import { formatPlain } from '../../core/quantity/format';
import type { PlannedLayer } from '../../core/plan/planTypes';

/** Nobody marks a form finer than this, mm. */
const markedMm = 0.5;

/**
 * Heights of one's own to begin with: where the layers end as they are planned now; of one pour, its middle.
 * @returns as they are typed; empty where the pour has no heights
 */
export function beginHeights(layers: readonly PlannedLayer[] | undefined): string[] {
  const fromMm = layers?.[0]?.fromMm ?? 0;
  const tops = (layers ?? []).flatMap(({ toMm }) => toMm ?? []);
  const ends = tops.length > 1 ? tops.slice(0, -1) : tops.map((topMm) => (fromMm + topMm) / 2);
  const toMm = tops.at(-1) ?? 0;
  return ends.map((mm) => {
    const marked = Math.round(mm / markedMm) * markedMm;
    // A thin pour ends before the next mark.
    const isWithin = marked > fromMm && marked < toMm;
    return `${isWithin ? marked : formatPlain(mm, 2)} mm`;
  });
}
