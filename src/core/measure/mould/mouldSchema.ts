import { array, object, string, type InferType } from 'yup';
import { temperatureLimitRule, lengthRule, volumeRule } from '../../quantity/rules';
import { choiceSchema } from '../../schema/choiceSchema';
import { optionalNumberSchema } from '../../schema/numberSchema';
import { optionalNumbersSchema } from '../../schema/numbersSchema';
import { optionalQuantitySchema, quantitySchema } from '../../schema/quantitySchema';
import { definedAs } from '../../schema/inJson';
import { nameSchema, noteSchema } from '../../schema/textSchema';
import { mouldMaterials } from './materials';

/** Longest picture kept with a mould: a small JPEG as a data address. */
const longestPhoto = 400_000;

/** One kind of cavity in a mould. */
export const mouldCavitySchema = object({
  name: noteSchema(60),
  volume: quantitySchema(volumeRule),
  /** How sure the volume is, as it was when it was measured. */
  plusMinus: optionalQuantitySchema(volumeRule),
  depth: optionalQuantitySchema(lengthRule),
  /** How many of it the mould has. */
  count: optionalNumberSchema({ greatest: 10_000, whole: true, example: '6' }),
  /** V(h) where a measurement gave it: knots and level areas as in `meshSnapshotSchema`. */
  heightsMm: optionalNumbersSchema({ perItem: 1, least: 2, most: 2000 }),
  areas: optionalNumbersSchema({ perItem: 3, least: 1, most: 2000 }),
}).noUnknown();

/** A mould that was measured once and is used again. */
export const mouldSchema = object({
  id: string(),
  name: nameSchema(80),
  material: choiceSchema(mouldMaterials),
  /** Of its sides and floor: what heat has to go through. */
  wall: optionalQuantitySchema(lengthRule),
  cavities: array().of(mouldCavitySchema).min(1).max(200).defined(),
  greatestTemperature: optionalQuantitySchema(temperatureLimitRule),
  /** Castings made in it so far. */
  castings: optionalNumberSchema({
    greatest: 1_000_000,
    whole: true,
    mayBeZero: true,
    example: '12',
  }),
  /** What went wrong with it last: torn, clouded, leaks. */
  lastFault: noteSchema(200),
  photo: string()
    .max(longestPhoto)
    .matches(/^data:image\/(jpeg|png);base64,/)
    .optional(),
  notes: noteSchema(2000),
})
  .noUnknown()
  .meta(definedAs('mould'));

export type Mould = InferType<typeof mouldSchema>;
export type MouldCavity = InferType<typeof mouldCavitySchema>;
