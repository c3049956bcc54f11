import type { Slab } from './slab';

/** Numbers in rising order, each once. */
export const rising = (values: readonly number[]): readonly number[] =>
  [...new Set(values)].sort((a, b) => a - b);

/** Slabs with an empty one under them where they do not begin on the floor. */
export function onFloor(slabs: readonly Slab[]): readonly Slab[] {
  const fromMm = slabs[0]?.fromMm ?? 0;
  return fromMm > 0 ? [{ fromMm: 0, toMm: fromMm, areaMm2: [0, 0, 0] }, ...slabs] : slabs;
}

/** The same area told from another foot: c₀ + c₁(t + d) + c₂(t + d)². */
function shifted([c0, c1, c2]: Slab['areaMm2'], byMm: number): readonly [number, number, number] {
  return [c0 + byMm * (c1 + byMm * c2), c1 + 2 * c2 * byMm, c2];
}

/** One form among several: how often it counts (below 0 to take it out) and how high its floor hangs. */
export interface PlacedSlabs {
  readonly slabs: readonly Slab[];
  readonly factor: number;
  readonly raisedMm: number;
}

/**
 * Several forms as one: areas add up height by height, exactly.
 * @param topMm where the result ends; what reaches over it is cut off. The highest top without it.
 */
export function combinedSlabs(placed: readonly PlacedSlabs[], topMm?: number): readonly Slab[] {
  const tops = placed.flatMap(({ slabs, raisedMm }) => (slabs.at(-1)?.toMm ?? 0) + raisedMm);
  const endMm = topMm ?? Math.max(0, ...tops);
  const borders = placed.flatMap(({ slabs, raisedMm }) =>
    slabs.flatMap(({ fromMm, toMm }) => [fromMm + raisedMm, toMm + raisedMm]),
  );
  const knotsMm = rising([0, ...borders, endMm]).filter((knotMm) => knotMm >= 0 && knotMm <= endMm);
  const next = placed.map(() => 0);
  return knotsMm.slice(1).map((toMm, index): Slab => {
    const fromMm = knotsMm[index] ?? 0;
    const middleMm = (fromMm + toMm) / 2;
    const areaMm2: [number, number, number] = [0, 0, 0];
    placed.forEach(({ slabs, factor, raisedMm }, which) => {
      let at = next[which] ?? 0;
      while (at < slabs.length && (slabs[at]?.toMm ?? 0) + raisedMm <= middleMm) at += 1;
      next[which] = at;
      const slab = slabs[at];
      if (slab === undefined || slab.fromMm + raisedMm > middleMm) return;
      const [c0, c1, c2] = shifted(slab.areaMm2, fromMm - slab.fromMm - raisedMm);
      areaMm2[0] += factor * c0;
      areaMm2[1] += factor * c1;
      areaMm2[2] += factor * c2;
    });
    return { fromMm, toMm, areaMm2 };
  });
}
