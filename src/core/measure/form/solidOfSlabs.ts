import { slabAreaMm2, slabVolumeMm3, type Slab } from './slab';
import type { Solid, WidthAtHeight } from './solid';

/** The last index whose slab begins below the height; slabs are in order. */
function slabBelow(slabs: readonly Slab[], heightMm: number): number {
  let low = 0;
  let high = slabs.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((slabs[middle]?.fromMm ?? Infinity) < heightMm) low = middle;
    else high = middle - 1;
  }
  return low;
}

/**
 * A solid from its slabs, stacked from the floor up without a gap.
 * @param slabs rising, each beginning where the one before ends; the first at 0
 * @param outline as the Section draws it
 */
export function solidOfSlabs(slabs: readonly Slab[], outline: readonly WidthAtHeight[]): Solid {
  const belowMm3: number[] = [];
  let sumMm3 = 0;
  for (const slab of slabs) {
    belowMm3.push(sumMm3);
    sumMm3 += slabVolumeMm3(slab, slab.toMm - slab.fromMm);
  }
  const depthMm = slabs.at(-1)?.toMm ?? 0;
  const volumeMl = sumMm3 / 1000;
  return {
    volumeMl,
    depthMm,
    outline,
    slabs,
    volumeBelowMl: (heightMm) => {
      if (heightMm <= 0) return 0;
      if (heightMm >= depthMm) return volumeMl;
      const index = slabBelow(slabs, heightMm);
      const slab = slabs[index];
      if (slab === undefined) return 0;
      return ((belowMm3[index] ?? 0) + slabVolumeMm3(slab, heightMm - slab.fromMm)) / 1000;
    },
    areaAtMm2: (heightMm) => {
      if (heightMm <= 0 || heightMm > depthMm) return 0;
      const slab = slabs[slabBelow(slabs, heightMm)];
      return slab === undefined ? 0 : slabAreaMm2(slab, heightMm - slab.fromMm);
    },
  };
}
