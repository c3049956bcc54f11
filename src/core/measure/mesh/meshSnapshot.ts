import { boolean, number, object, type InferType } from 'yup';
import { numbersSchema } from '../../schema/numbersSchema';
import { slabsOfKnots } from '../form/knots';
import type { Solid, WidthAtHeight } from '../form/solid';
import { solidOfSlabs } from '../form/solidOfSlabs';
import { within } from '../within';

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
  /** Stretches between knots over which only the mean level area could be kept. */
  averaged: number().optional(),
}).noUnknown();

export type MeshSnapshot = InferType<typeof meshSnapshotSchema>;

/**
 * The body that a snapshot describes.
 * @throws InputError `curve-broken` where knots do not rise or do not match the areas
 */
export function solidOfSnapshot({ heightsMm, areas, outlineMm }: MeshSnapshot): Solid {
  const slabs = within('measured', () => slabsOfKnots({ heightsMm, areas }));
  const outline = Array.from({ length: outlineMm.length / 2 }, (_, index): WidthAtHeight => ({
    heightMm: outlineMm[2 * index] ?? 0,
    widthMm: outlineMm[2 * index + 1] ?? 0,
  }));
  return solidOfSlabs(slabs, outline);
}
