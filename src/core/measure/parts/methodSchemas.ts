import { array, boolean, mixed, number, object, type InferType } from 'yup';
import {
  amountRule,
  areaRule,
  bodyDensityRule,
  bulkDensityRule,
  contactAngleRule,
  lengthRule,
  massRule,
  positionRule,
  turnRule,
  volumeRule,
  waterTemperatureRule,
} from '../../quantity/rules';
import { choiceSchema } from '../../schema/choiceSchema';
import { needed } from '../../schema/needed';
import { optionalQuantitySchema, quantitySchema } from '../../schema/quantitySchema';
import { refusal } from '../../schema/refusal';
import { typedLazy } from '../../schema/typedLazy';
import { noteSchema } from '../../schema/textSchema';
import { rims } from '../dome/dome';
import { flatShapes } from '../flat/flatRules';
import { fileUnitNames } from '../mesh/fileUnits';
import { meshSnapshotSchema } from '../mesh/meshSnapshot';
import { upSides } from '../mesh/orientation';
import { meshPreviewSchema } from '../mesh/preview';
import { mouldMaterials } from '../mould/materials';
import { mouldSchema } from '../mould/mouldSchema';
import { commonKeys } from './common';
import {
  drawingFlatSchema,
  drawingKeys,
  tracedFlatSchema,
  tracedKeys,
  type TypedDrawing,
  type TypedTraced,
} from './outlineSchemas';
import { flatSchemas, type TypedFlat } from './plainSchemas';

const length = quantitySchema(lengthRule);
const optionalLength = optionalQuantitySchema(lengthRule);

const coatExtras = {
  /** Edges that are coated too: their height, and their own thickness where it differs. */
  edges: object({ height: length, thickness: optionalLength })
    .noUnknown()
    .optional()
    .default(undefined),
  /** The band of the underside that resin running round the edge wets. */
  underside: object({ band: length, thickness: optionalLength })
    .noUnknown()
    .optional()
    .default(undefined),
};

const faceSchema = typedLazy<TypedFace>(
  (value) => {
    const shape = (value as { shape?: unknown } | undefined)?.shape;
    if (shape === 'drawing') return drawingFlatSchema;
    if (shape === 'traced') return tracedFlatSchema;
    const known = flatShapes.find((each) => each === shape);
    if (known !== undefined) return flatSchemas[known];
    return mixed<never>().test('face', (_, context) =>
      refusal(
        context,
        'not-a-choice',
        { choices: [...flatShapes, 'drawing', 'traced'] },
        `${context.path}.shape`,
      ),
    );
  },
  [...Object.values(flatSchemas), drawingFlatSchema, tracedFlatSchema],
);

const coat = { shape: choiceSchema(['coat']), ...commonKeys, thickness: length, ...coatExtras };

export const coatBySidesSchema = object({ ...coat, length, width: length }).noUnknown();
export const coatByAreaSchema = object({ ...coat, area: quantitySchema(areaRule) }).noUnknown();
export const coatByFaceSchema = object({ ...coat, face: faceSchema }).noUnknown();

export const channelSchema = object({
  shape: choiceSchema(['channel']),
  ...commonKeys,
  stations: array()
    .of(
      object({
        at: quantitySchema(positionRule),
        width: length,
        /** Depth here, where it differs from the rest. */
        depth: optionalLength,
      }).noUnknown(),
    )
    .min(2)
    .max(1000)
    .defined(),
  depth: optionalLength,
}).noUnknown();

export const rectanglesSchema = object({
  shape: choiceSchema(['rectangles']),
  ...commonKeys,
  rectangles: array()
    .of(
      object({
        length,
        width: length,
        /** How wide the cavity is at its narrowest inside this rectangle. */
        narrowest: optionalLength,
      }).noUnknown(),
    )
    .min(1)
    .max(500)
    .defined(),
  depth: length,
}).noUnknown();

export const tracedSchema = object({
  shape: choiceSchema(['traced']),
  ...commonKeys,
  ...tracedKeys,
  depth: length,
}).noUnknown();

export const drawingSchema = object({
  shape: choiceSchema(['drawing']),
  ...commonKeys,
  ...drawingKeys,
  depth: length,
}).noUnknown();

export const meshSchema = object({
  shape: choiceSchema(['mesh']),
  ...commonKeys,
  path: noteSchema(500),
  unit: choiceSchema(fileUnitNames).optional(),
  /** The cast piece itself, the cavity, or the master that a mould is poured around. */
  as: choiceSchema(['part', 'cavity', 'master']),
  /** The mould box around a master. */
  box: object({ length, width: length, height: length }).noUnknown().optional().default(undefined),
  /** Which side of the file is up when it is poured, and how far it is turned after that. */
  up: choiceSchema(upSides).optional(),
  turn: object({
    x: optionalQuantitySchema(turnRule),
    y: optionalQuantitySchema(turnRule),
    z: optionalQuantitySchema(turnRule),
  })
    .noUnknown()
    .optional()
    .default(undefined),
  /** What was found in the file, in this unit and orientation. */
  measured: meshSnapshotSchema.optional().default(undefined),
  /** The body reduced for a small picture, as it is in the file. */
  preview: meshPreviewSchema.optional().default(undefined),
}).noUnknown();

/** Asked of every fill test: a mould that drinks gives a wrong figure and spoils the pour. */
const filled = { material: choiceSchema(mouldMaterials).optional(), depth: optionalLength };

export const wetFillByScaleSchema = object({
  shape: choiceSchema(['wet-fill']),
  ...commonKeys,
  ...filled,
  mass: quantitySchema(massRule),
  /** Temperature of the water. */
  water: quantitySchema(waterTemperatureRule),
  /** Set where a porous mould is filled with water all the same. */
  overruled: boolean().optional(),
}).noUnknown();

export const wetFillByJugSchema = object({
  shape: choiceSchema(['wet-fill']),
  ...commonKeys,
  ...filled,
  volume: quantitySchema(volumeRule),
  overruled: boolean().optional(),
}).noUnknown();

export const dryFillByJugSchema = object({
  shape: choiceSchema(['dry-fill']),
  ...commonKeys,
  ...filled,
  volume: quantitySchema(volumeRule),
}).noUnknown();

export const dryFillByWeightSchema = object({
  shape: choiceSchema(['dry-fill']),
  ...commonKeys,
  ...filled,
  mass: quantitySchema(massRule),
  bulkDensity: quantitySchema(bulkDensityRule),
}).noUnknown();

export const weighedSchema = object({
  shape: choiceSchema(['weighed']),
  ...commonKeys,
  mass: quantitySchema(massRule),
  density: quantitySchema(bodyDensityRule),
  depth: optionalLength,
}).noUnknown();

export const displacedSchema = object({
  shape: choiceSchema(['displaced']),
  ...commonKeys,
  /** Level in the jug before and after the piece went in. */
  before: quantitySchema(volumeRule),
  after: quantitySchema(volumeRule),
  depth: optionalLength,
}).noUnknown();

/** A volume or mass that the person already knows: it has an amount and no form. */
export const amountSchema = object({
  shape: choiceSchema(['amount']),
  ...commonKeys,
  amount: quantitySchema(amountRule),
}).noUnknown();

export const mouldPartSchema = object({
  shape: choiceSchema(['mould']),
  ...commonKeys,
  /** The mould's card as it was; the one in the library stands over it. */
  mould: needed(mouldSchema),
  /** One of its cavities, counted from 1; all of them without it. */
  cavity: number().integer().min(1).max(200).optional(),
}).noUnknown();

/** Resin that stands over a face, held by its edge, and in the recess under it where there is one. */
export const domeSchema = object({
  shape: choiceSchema(['dome']),
  ...commonKeys,
  face: faceSchema,
  /** In the middle, over the rim; or the angle at the edge. */
  height: optionalLength,
  angle: optionalQuantitySchema(contactAngleRule),
  /** How deep the face lies under the rim, as in a bezel. */
  recess: optionalLength,
  rim: choiceSchema(rims).optional(),
  /** Twenty drops of the resin, weighed. */
  twentyDrops: optionalQuantitySchema(massRule),
})
  .noUnknown()
  .test('one-height', ({ height, angle }, context) => {
    if (height !== undefined && angle !== undefined) {
      return refusal(context, 'dome-said-twice', {}, `${context.path}.angle`);
    }
    return height === undefined && angle === undefined
      ? refusal(context, 'missing', { example: '2 mm' }, `${context.path}.height`)
      : true;
  });

export type DomePart = Omit<InferType<typeof domeSchema>, 'face'> & { readonly face: TypedFace };

/** The face that a coat covers, where it is no plain rectangle. Yup drops types behind `lazy`. */
export type TypedFace = TypedFlat | TypedDrawing | TypedTraced;

export type CoatPart =
  | InferType<typeof coatBySidesSchema>
  | InferType<typeof coatByAreaSchema>
  | (Omit<InferType<typeof coatByFaceSchema>, 'face'> & { readonly face: TypedFace });
export type ChannelPart = InferType<typeof channelSchema>;
export type RectanglesPart = InferType<typeof rectanglesSchema>;
export type DrawingPart = InferType<typeof drawingSchema>;
export type TracedPart = Omit<InferType<typeof tracedSchema>, keyof TypedTraced> &
  Omit<TypedTraced, 'shape'> & { readonly shape: 'traced' };
export type MeshPart = InferType<typeof meshSchema>;
export type WetFillPart =
  InferType<typeof wetFillByScaleSchema> | InferType<typeof wetFillByJugSchema>;
export type DryFillPart =
  InferType<typeof dryFillByJugSchema> | InferType<typeof dryFillByWeightSchema>;
export type WeighedPart = InferType<typeof weighedSchema>;
export type DisplacedPart = InferType<typeof displacedSchema>;
export type AmountPart = InferType<typeof amountSchema>;
export type MouldPart = InferType<typeof mouldPartSchema>;
