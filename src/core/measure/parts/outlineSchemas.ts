import { array, mixed, number, object, string, type InferType } from 'yup';
import { lengthRule } from '../../quantity/rules';
import { choiceSchema } from '../../schema/choiceSchema';
import { numbersSchema } from '../../schema/numbersSchema';
import { quantitySchema } from '../../schema/quantitySchema';
import { refusal } from '../../schema/refusal';
import { typedLazy } from '../../schema/typedLazy';
import { noteSchema } from '../../schema/textSchema';
import { fileUnitNames } from '../mesh/fileUnits';

const outlineNumbers = numbersSchema({ perItem: 2, least: 3, most: 100_000 });

/** Where a drawing comes from: a file, and the outlines that were read from it. */
export const drawingKeys = {
  path: noteSchema(500),
  unit: choiceSchema(fileUnitNames).optional(),
  /** Numbers of the outlines that count, from 1; all of them without it. */
  picked: array()
    .of(number().integer().min(1).max(5000).required())
    .min(1)
    .max(5000)
    .optional()
    .default(undefined),
  /** The closed outlines of the file, in its own unit; what a job keeps of it. */
  outlines: array()
    .of(object({ points: outlineNumbers, layer: noteSchema(200) }).noUnknown())
    .min(1)
    .max(5000)
    .optional()
    .default(undefined),
};

const scaleByLengthSchema = object({
  by: choiceSchema(['length']),
  /** Both ends of the known length in the picture, x and y each. */
  ends: numbersSchema({ perItem: 2, least: 2, most: 2 }),
  length: quantitySchema(lengthRule),
}).noUnknown();

const scaleByRectangleSchema = object({
  by: choiceSchema(['rectangle']),
  /** Four corners in order round the rectangle; the first side is its width. */
  corners: numbersSchema({ perItem: 2, least: 4, most: 4 }),
  width: quantitySchema(lengthRule),
  height: quantitySchema(lengthRule),
}).noUnknown();

const scaleByGridSchema = object({
  by: choiceSchema(['grid']),
  /** Side of one square of the grid, on which outlines are counted. */
  square: quantitySchema(lengthRule),
}).noUnknown();

export type TypedScale =
  | InferType<typeof scaleByLengthSchema>
  | InferType<typeof scaleByRectangleSchema>
  | InferType<typeof scaleByGridSchema>;

const noSuchScale = mixed<never>().test('scale', (value, context) =>
  value === undefined
    ? refusal(context, 'missing')
    : refusal(
        context,
        'not-a-choice',
        { choices: ['length', 'rectangle', 'grid'] },
        `${context.path}.by`,
      ),
);

const scaleSchema = typedLazy<TypedScale>(
  (value) => {
    switch ((value as { by?: unknown } | undefined)?.by) {
      case 'length':
        return scaleByLengthSchema;
      case 'rectangle':
        return scaleByRectangleSchema;
      case 'grid':
        return scaleByGridSchema;
      default:
        return noSuchScale;
    }
  },
  [scaleByLengthSchema, scaleByRectangleSchema, scaleByGridSchema],
);

/** What was traced on a photo or a grid. */
export const tracedKeys = {
  outlines: array()
    .of(object({ points: outlineNumbers }).noUnknown())
    .min(1)
    .max(500)
    .defined(),
  scale: scaleSchema,
  /** The photo on the device that it was traced on, which is kept apart from the job. */
  photo: string().max(60).optional(),
};

export const drawingFlatSchema = object({
  shape: choiceSchema(['drawing']),
  ...drawingKeys,
}).noUnknown();

export const tracedFlatSchema = object({
  shape: choiceSchema(['traced']),
  ...tracedKeys,
}).noUnknown();

export interface TypedOutlines {
  readonly outlines: readonly { readonly points: readonly number[] }[];
}

export interface TypedTraced extends TypedOutlines {
  readonly shape: 'traced';
  readonly scale: TypedScale;
  readonly photo?: string | undefined;
}

export type TypedDrawing = InferType<typeof drawingFlatSchema>;
