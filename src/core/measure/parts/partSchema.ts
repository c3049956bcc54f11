import { mixed, type AnyObject, type ObjectSchema } from 'yup';
import { bodyDensityRule, positionRule } from '../../quantity/rules';
import { optionalNumberSchema } from '../../schema/numberSchema';
import { optionalQuantitySchema } from '../../schema/quantitySchema';
import { heldKeys, type Seat } from '../../holdDown/heldKeys';
import type { TimberGroup } from '../../holdDown/timber';
import { refusal } from '../../schema/refusal';
import { typedLazy } from '../../schema/typedLazy';
import { isPlainShape, plainShapes, type TypedShape } from '../shapes/shapeRules';
import type { CommonKeys } from './common';
import * as methods from './methodSchemas';
import { plainSchemas } from './plainSchemas';

/** Every method by the `shape` that names it, in the order they are offered. */
export const partShapes = [
  ...plainShapes,
  'coat',
  'dome',
  'channel',
  'rectangles',
  'traced',
  'drawing',
  'mesh',
  'wet-fill',
  'dry-fill',
  'weighed',
  'displaced',
  'mould',
  'amount',
] as const;
export type PartShape = (typeof partShapes)[number];

/** One cavity as a person described it, in any of the ways people have. */
export type Part =
  | (TypedShape & CommonKeys)
  | methods.CoatPart
  | methods.DomePart
  | methods.ChannelPart
  | methods.RectanglesPart
  | methods.TracedPart
  | methods.DrawingPart
  | methods.MeshPart
  | methods.WetFillPart
  | methods.DryFillPart
  | methods.WeighedPart
  | methods.DisplacedPart
  | methods.MouldPart
  | methods.AmountPart;

/** Picks the schema by `shape`, and where a method may be told in two ways, by the keys that are there. */
function schemaFor(value: unknown): ObjectSchema<AnyObject> | undefined {
  const part = (value ?? {}) as Readonly<Record<string, unknown>>;
  const has = (key: string): boolean => part[key] !== undefined;
  const { shape } = part;
  if (isPlainShape(shape)) return plainSchemas[shape];
  switch (shape) {
    case 'coat':
      if (has('face')) return methods.coatByFaceSchema;
      return has('area') ? methods.coatByAreaSchema : methods.coatBySidesSchema;
    case 'dome':
      return methods.domeSchema;
    case 'channel':
      return methods.channelSchema;
    case 'rectangles':
      return methods.rectanglesSchema;
    case 'traced':
      return methods.tracedSchema;
    case 'drawing':
      return methods.drawingSchema;
    case 'mesh':
      return methods.meshSchema;
    case 'wet-fill':
      return has('volume') ? methods.wetFillByJugSchema : methods.wetFillByScaleSchema;
    case 'dry-fill':
      return has('volume') ? methods.dryFillByJugSchema : methods.dryFillByWeightSchema;
    case 'weighed':
      return methods.weighedSchema;
    case 'displaced':
      return methods.displacedSchema;
    case 'mould':
      return methods.mouldPartSchema;
    case 'amount':
      return methods.amountSchema;
    default:
      return undefined;
  }
}

const noSuchShape = mixed<never>().test('shape', (_, context) =>
  refusal(context, 'not-a-choice', { choices: partShapes }, `${context.path}.shape`),
);

/** Every schema that a part may be held against. */
const allPartSchemas: readonly ObjectSchema<AnyObject>[] = [
  ...Object.values(plainSchemas),
  methods.coatBySidesSchema,
  methods.coatByAreaSchema,
  methods.coatByFaceSchema,
  methods.domeSchema,
  methods.channelSchema,
  methods.rectanglesSchema,
  methods.tracedSchema,
  methods.drawingSchema,
  methods.meshSchema,
  methods.wetFillByJugSchema,
  methods.wetFillByScaleSchema,
  methods.dryFillByJugSchema,
  methods.dryFillByWeightSchema,
  methods.weighedSchema,
  methods.displacedSchema,
  methods.mouldPartSchema,
  methods.amountSchema,
];

export const partSchema = typedLazy<Part>(
  (value) => schemaFor(value) ?? noSuchShape,
  allPartSchemas,
);

/** What an insert carries besides its form. */
const insertKeys = {
  /** Of the insert itself: it decides whether it floats. */
  density: optionalQuantitySchema(bodyDensityRule),
  ...heldKeys,
  /** How high its foot is over the floor; on the floor without it. */
  height: optionalQuantitySchema(positionRule),
  /** The cavity it is in, counted from 1; the first without it. */
  into: optionalNumberSchema({ greatest: 200, whole: true, example: '1' }),
};

/** Something in the pour that takes the place of resin. */
export type Insert = Part & {
  readonly density?: string | undefined;
  readonly weighs?: string | undefined;
  readonly timber?: TimberGroup | undefined;
  readonly moisture?: string | undefined;
  readonly seat?: Seat | undefined;
  readonly height?: string | undefined;
  readonly into?: number | undefined;
};

type AnyPartSchema = ObjectSchema<AnyObject>;

/** Insert schemas by the part schema that each extends: made once, not on every keystroke. */
const insertSchemas = new Map<AnyPartSchema, AnyPartSchema>();

function asInsert(schema: AnyPartSchema, isWeighed: boolean): AnyPartSchema {
  const made = insertSchemas.get(schema);
  if (made !== undefined) return made;
  const { density, weighs, timber, moisture, ...others } = insertKeys;
  const told = { density, weighs, timber, moisture };
  const extended = schema.shape(isWeighed ? others : { ...told, ...others }).noUnknown();
  insertSchemas.set(schema, extended);
  return extended;
}

/** Any part may be an insert; a weighed one has its density already. */
export const insertSchema = typedLazy<Insert>(
  (value) => {
    const schema = schemaFor(value);
    if (schema === undefined) return noSuchShape;
    return asInsert(schema, (value as { shape?: unknown }).shape === 'weighed');
  },
  allPartSchemas.map((schema) => asInsert(schema, schema === methods.weighedSchema)),
);
