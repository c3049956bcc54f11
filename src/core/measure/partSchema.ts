import { lazy, mixed, object, string, type InferType } from 'yup';
import { amountRule, areaRule, lengthRule } from '../quantity/rules';
import { numberSchema } from '../schema/numberSchema';
import { quantitySchema } from '../schema/quantitySchema';
import { refusal } from '../schema/refusal';
import { noteSchema } from '../schema/textSchema';

const countSchema = numberSchema({ greatest: 10_000, whole: true, example: '3' });
const lengthSchema = quantitySchema(lengthRule);

const common = {
  /** What the person calls it. */
  name: noteSchema(60),
  /** How many of it are poured. */
  count: countSchema,
};

const boxSchema = object({
  shape: string()
    .oneOf(['box'] as const)
    .defined(),
  ...common,
  length: lengthSchema,
  width: lengthSchema,
  depth: lengthSchema,
}).noUnknown();

const cylinderSchema = object({
  shape: string()
    .oneOf(['cylinder'] as const)
    .defined(),
  ...common,
  diameter: lengthSchema,
  depth: lengthSchema,
}).noUnknown();

const frustumSchema = object({
  shape: string()
    .oneOf(['frustum'] as const)
    .defined(),
  ...common,
  bottomDiameter: lengthSchema,
  topDiameter: lengthSchema,
  depth: lengthSchema,
}).noUnknown();

const coatSchema = object({
  shape: string()
    .oneOf(['coat'] as const)
    .defined(),
  ...common,
  length: lengthSchema,
  width: lengthSchema,
  thickness: lengthSchema,
}).noUnknown();

const coatByAreaSchema = object({
  shape: string()
    .oneOf(['coat'] as const)
    .defined(),
  ...common,
  area: quantitySchema(areaRule),
  thickness: lengthSchema,
}).noUnknown();

/** A volume or mass that the person already knows: it has an amount and no form. */
const amountSchema = object({
  shape: string()
    .oneOf(['amount'] as const)
    .defined(),
  ...common,
  amount: quantitySchema(amountRule),
}).noUnknown();

/** The shapes that a part can have, in the order they are offered. */
export const partShapes = ['box', 'cylinder', 'frustum', 'coat', 'amount'] as const;
export type PartShape = (typeof partShapes)[number];

export type Part =
  | InferType<typeof boxSchema>
  | InferType<typeof cylinderSchema>
  | InferType<typeof frustumSchema>
  | InferType<typeof coatSchema>
  | InferType<typeof coatByAreaSchema>
  | InferType<typeof amountSchema>;

const noSuchShape = mixed<never>().test('shape', (value, context) =>
  refusal(context, 'not-a-choice', { choices: partShapes }, `${context.path}.shape`),
);

/** Picks the schema by the part's own `shape`; a coat may tell its area or its sides. */
export const partSchema = lazy((value: unknown) => {
  const { shape, area } = (value ?? {}) as { shape?: unknown; area?: unknown };
  switch (shape) {
    case 'box':
      return boxSchema;
    case 'cylinder':
      return cylinderSchema;
    case 'frustum':
      return frustumSchema;
    case 'coat':
      return area === undefined ? coatSchema : coatByAreaSchema;
    case 'amount':
      return amountSchema;
    default:
      return noSuchShape;
  }
});
