import type { Rim } from '../../core/measure/dome/dome';
import type { FileUnit } from '../../core/measure/mesh/fileUnits';
import type { MeshSnapshot } from '../../core/measure/mesh/meshSnapshot';
import type { MeshPreview } from '../../core/measure/mesh/preview';
import type { UpSide } from '../../core/measure/mesh/orientation';
import type { MouldMaterial } from '../../core/measure/mould/materials';
import type { Mould } from '../../core/measure/mould/mouldSchema';
import type { TypedFace } from '../../core/measure/parts/methodSchemas';
import type { TypedScale } from '../../core/measure/parts/outlineSchemas';
import type { PartShape } from '../../core/measure/parts/partSchema';

/** Fields of a part that take a typed quantity. */
export const quantityKeys = [
  'length',
  'width',
  'depth',
  'diameter',
  'radius',
  'outerDiameter',
  'innerDiameter',
  'bottomDiameter',
  'topDiameter',
  'bottomLength',
  'bottomWidth',
  'topLength',
  'topWidth',
  'acrossFlats',
  'sideA',
  'sideB',
  'sideC',
  'draft',
  'wall',
  'thickness',
  'area',
  'amount',
  'mass',
  'volume',
  'water',
  'bulkDensity',
  'density',
  'before',
  'after',
  'height',
  'angle',
  'recess',
  'twentyDrops',
] as const;
export type QuantityKey = (typeof quantityKeys)[number];

export interface StationDraft {
  at: string;
  width: string;
  depth?: string | undefined;
}

export interface RectangleDraft {
  length: string;
  width: string;
  narrowest?: string | undefined;
}

export interface OutlineDraft {
  points: readonly number[];
  layer?: string | undefined;
}

/**
 * A part or an insert while it is being typed: the keys of every method may be there, so that going from box to
 * cylinder and back loses nothing; the schema of the shape picks its own.
 */
export type PartDraft = {
  shape: PartShape;
  count: string | number;
  name?: string;
  sides?: string | number;
  into?: string | number;
  stations?: StationDraft[];
  rectangles?: RectangleDraft[];
  edges?: { height: string; thickness?: string } | undefined;
  underside?: { band: string; thickness?: string } | undefined;
  face?: TypedFace | undefined;
  outlines?: OutlineDraft[] | undefined;
  scale?: TypedScale | undefined;
  photo?: string | undefined;
  path?: string | undefined;
  unit?: FileUnit | undefined;
  picked?: number[] | undefined;
  as?: 'part' | 'cavity' | 'master';
  box?: { length: string; width: string; height: string } | undefined;
  up?: UpSide;
  turn?: { x?: string; y?: string; z?: string } | undefined;
  measured?: MeshSnapshot | undefined;
  preview?: MeshPreview | undefined;
  mould?: Mould | undefined;
  rim?: Rim | undefined;
  material?: MouldMaterial | undefined;
  cavity?: number | undefined;
  overruled?: boolean | undefined;
} & { [Key in QuantityKey]?: string | undefined };

export const emptyPart = (shape: PartShape): PartDraft => ({ shape, count: '1' });
