import { array, boolean, number, object, type InferType } from 'yup';
import { numbersSchema, optionalNumbersSchema } from '../../schema/numbersSchema';
import type { Faces } from '../form/faces';
import { slabsOfKnots } from '../form/knots';
import type { Solid, WidthAtHeight } from '../form/solid';
import { solidOfSlabs } from '../form/solidOfSlabs';
import { within } from '../within';

/** A place where air stays, mm and ml: see `LocalTop`. */
const localTopSchema = object({
  x: number().required(),
  y: number().required(),
  z: number().required(),
  ofPiece: boolean().required(),
  risesMm: number().optional(),
  holdsMl: number().optional(),
}).noUnknown();

/** What moulds round it need to know of a mesh as it stands: see `MeshStanding`. */
const meshStandingSchema = object({
  hullMm: numbersSchema({ perItem: 3, least: 3, most: 256 }),
  tops: array().of(localTopSchema).max(60).defined(),
  bottoms: array().of(localTopSchema).max(60).defined(),
  looksDownMm2: numbersSchema({ perItem: 1, least: 64, most: 64 }),
  looksUpMm2: numbersSchema({ perItem: 1, least: 64, most: 64 }),
}).noUnknown();

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
  /** Walls under even heights from 0 to the top, and the floor, mm²; older files do not have them. */
  sidesMm2: optionalNumbersSchema({ perItem: 1, least: 2, most: 1000 }),
  floorMm2: number().optional(),
  /** Older files do not have it. */
  standing: meshStandingSchema.optional().default(undefined),
}).noUnknown();

export type MeshSnapshot = InferType<typeof meshSnapshotSchema>;

/** Walls and floor of a body; undefined where they were not kept of it. */
export function facesOfSnapshot({
  sidesMm2,
  floorMm2 = 0,
  heightsMm,
}: MeshSnapshot): Faces | undefined {
  const topMm = heightsMm.at(-1) ?? 0;
  if (sidesMm2 === undefined || !(topMm > 0)) return undefined;
  const last = sidesMm2.length - 1;
  return {
    floorMm2,
    sidesMm2: (upToMm) => {
      const place = (Math.min(Math.max(upToMm, 0), topMm) / topMm) * last;
      const at = Math.min(Math.floor(place), last - 1);
      const [from = 0, to = 0] = sidesMm2.slice(at, at + 2);
      return from + (place - at) * (to - from);
    },
  };
}

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
