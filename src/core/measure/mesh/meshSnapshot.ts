import { boolean, number, object, type InferType } from 'yup';
import { numbersSchema } from '../../schema/numbersSchema';
import type { Slab } from '../form/slab';
import type { Solid, WidthAtHeight } from '../form/solid';
import { solidOfSlabs } from '../form/solidOfSlabs';
import { InputError } from '../../problem';

/** What a job keeps of a mesh: its curve, outline and figures, for one unit and one orientation. */
export const meshSnapshotSchema = object({
  /** Knots of V(h), from 0 to the height of the body. */
  heightsMm: numbersSchema({ perItem: 1, least: 2, most: 2000 }),
  /** Between each two knots, the level area as c₀, c₁, c₂; see `Slab`. */
  areas: numbersSchema({ perItem: 3, least: 1, most: 2000 }),
  /** Height and width, in turn. */
  outlineMm: numbersSchema({ perItem: 2, least: 2, most: 200 }),
  sizeMm: numbersSchema({ perItem: 3, least: 1, most: 1 }),
  surfaceMm2: number().required(),
  thickestMm: number().required(),
  bodies: number().required(),
  bodiesOverlap: boolean().required(),
  holes: number().required(),
  holesPlusMinusMl: number().required(),
  insideOut: boolean().required(),
}).noUnknown();

export type MeshSnapshot = InferType<typeof meshSnapshotSchema>;

/**
 * The body that a snapshot describes.
 * @throws InputError `mesh-snapshot-broken` where knots do not rise or do not match the areas
 */
export function solidOfSnapshot({ heightsMm, areas, outlineMm }: MeshSnapshot): Solid {
  const slabs = heightsMm.slice(1).map((toMm, index): Slab => {
    const fromMm = heightsMm[index] ?? 0;
    const [c0, c1, c2] = areas.slice(3 * index, 3 * index + 3);
    if (c0 === undefined || c1 === undefined || c2 === undefined || toMm <= fromMm) {
      throw new InputError('mesh-snapshot-broken', undefined, {}, 'measured');
    }
    return { fromMm, toMm, areaMm2: [c0, c1, c2] };
  });
  const outline = Array.from({ length: outlineMm.length / 2 }, (_, index): WidthAtHeight => ({
    heightMm: outlineMm[2 * index] ?? 0,
    widthMm: outlineMm[2 * index + 1] ?? 0,
  }));
  return solidOfSlabs(slabs, outline);
}
