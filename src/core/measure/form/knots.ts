import { InputError } from '../../problem';
import type { Slab } from './slab';

/** Slabs as a file keeps them: two lists of numbers. */
export interface Knots {
  /** Where slabs meet, from 0 to the top. */
  readonly heightsMm: readonly number[];
  /** Between each two knots, the level area as c₀, c₁, c₂ in turn; see `Slab`. */
  readonly areas: readonly number[];
}

/**
 * The slabs between knots that were kept.
 * @throws InputError `curve-broken` where they do not begin at 0, do not rise or do not match the areas
 */
export function slabsOfKnots({ heightsMm, areas }: Knots): readonly Slab[] {
  const broken = (): InputError => new InputError('curve-broken', undefined, {}, 'heightsMm');
  if (heightsMm[0] !== 0 || areas.length !== 3 * (heightsMm.length - 1)) throw broken();
  return heightsMm.slice(1).map((toMm, index): Slab => {
    const fromMm = heightsMm[index] ?? 0;
    const [c0 = 0, c1 = 0, c2 = 0] = areas.slice(3 * index, 3 * index + 3);
    if (toMm <= fromMm) throw broken();
    return { fromMm, toMm, areaMm2: [c0, c1, c2] };
  });
}

/** The knots of slabs that stand on each other from 0 up. */
export function knotsOfSlabs(slabs: readonly Slab[]): Knots {
  return {
    heightsMm: [0, ...slabs.map(({ toMm }) => toMm)],
    areas: slabs.flatMap(({ areaMm2 }) => [...areaMm2]),
  };
}
