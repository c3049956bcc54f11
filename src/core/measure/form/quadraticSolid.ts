import { onFloor } from './slabs';
import type { Solid, WidthAtHeight } from './solid';
import { solidOfSlabs } from './solidOfSlabs';

/**
 * A solid whose level area is one quadratic of the height from its foot to its top.
 * @param areaMm2 c₀ + c₁h + c₂h² with h over the floor
 * @param fromMm its foot over the floor
 * @param outline with heights over the floor
 */
export function quadraticSolid(
  [c0, c1, c2]: readonly [number, number, number],
  fromMm: number,
  toMm: number,
  outline: readonly WidthAtHeight[],
): Solid {
  const fromFoot = [c0 + fromMm * (c1 + fromMm * c2), c1 + 2 * c2 * fromMm, c2] as const;
  return solidOfSlabs(onFloor([{ fromMm, toMm, areaMm2: fromFoot }]), outline);
}
