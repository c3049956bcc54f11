import type { Slab } from './slab';
import type { Solid, WidthAtHeight } from './solid';
import { solidOfSlabs } from './solidOfSlabs';

/** The same areas told from the other end: c₀ + c₁(d − t) + c₂(d − t)². */
function reversed({ fromMm, toMm, areaMm2: [c0, c1, c2] }: Slab, topMm: number): Slab {
  const d = toMm - fromMm;
  return {
    fromMm: topMm - toMm,
    toMm: topMm - fromMm,
    areaMm2: [c0 + d * (c1 + d * c2), -c1 - 2 * c2 * d, c2],
  };
}

/** A form with its floor up: what was at its rim is at its foot. What has no form stays as it is. */
export function turnedOver(solid: Solid): Solid {
  const { depthMm, slabs, outline } = solid;
  if (depthMm === undefined) return solid;
  const upsideDown = outline
    .map((each): WidthAtHeight => ({ ...each, heightMm: depthMm - each.heightMm }))
    .reverse();
  return solidOfSlabs(slabs.map((slab) => reversed(slab, depthMm)).reverse(), upsideDown);
}
