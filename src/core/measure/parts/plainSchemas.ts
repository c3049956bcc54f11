import { object, type AnyObject, type ObjectSchema } from 'yup';
import { draftRule, lengthRule } from '../../quantity/rules';
import { choiceSchema } from '../../schema/choiceSchema';
import { numberSchema } from '../../schema/numberSchema';
import { optionalQuantitySchema, quantitySchema } from '../../schema/quantitySchema';
import { flatRules, flatShapes, type FlatShape } from '../flat/flatRules';
import type { FieldsOfShape, ShapeField, TypedFields } from '../shapes/shapeFields';
import { plainShapes, shapeRules, type PlainShape } from '../shapes/shapeRules';
import { commonKeys } from './common';

const neededField = {
  length: () => quantitySchema(lengthRule),
  angle: () => quantitySchema(draftRule),
  sides: () => numberSchema({ greatest: 100, whole: true, example: '6' }),
} as const satisfies Record<ShapeField, () => unknown>;

const optionalField = {
  length: () => optionalQuantitySchema(lengthRule),
  angle: () => optionalQuantitySchema(draftRule),
} as const;

const neededKeys = (fields: FieldsOfShape): AnyObject =>
  Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, neededField[field]()]));

const optionalKeys = (fields: FieldsOfShape): AnyObject =>
  Object.fromEntries(
    Object.entries(fields).flatMap(([key, field]) =>
      field === 'sides' ? [] : [[key, optionalField[field]()]],
    ),
  );

/** A schema for each plain shape, made from the rules that also make its volume. */
export const plainSchemas = Object.fromEntries(
  plainShapes.map((shape) => [
    shape,
    object({
      shape: choiceSchema([shape]),
      ...commonKeys,
      ...neededKeys(shapeRules[shape].fields),
      ...optionalKeys(shapeRules[shape].optional),
    }).noUnknown(),
  ]),
) as unknown as Readonly<Record<PlainShape, ObjectSchema<AnyObject>>>;

/** A flat shape as it is typed. */
export type TypedFlat = {
  [S in FlatShape]: { readonly shape: S } & TypedFields<(typeof flatRules)[S]['fields']>;
}[FlatShape];

/** A schema for each flat shape. */
export const flatSchemas = Object.fromEntries(
  flatShapes.map((shape) => [
    shape,
    object({ shape: choiceSchema([shape]), ...neededKeys(flatRules[shape].fields) }).noUnknown(),
  ]),
) as unknown as Readonly<Record<FlatShape, ObjectSchema<AnyObject>>>;
