import { object, type InferType } from 'yup';
import { overageRule, timeRule } from '../quantity/rules';
import { optionalNumberSchema, numberSchema } from '../schema/numberSchema';
import { optionalQuantitySchema } from '../schema/quantitySchema';

/** More moulds than this nobody keeps going by hand. */
export const mostMoulds = 60;

/** A run of castings: how many, in what, and how long each hand takes. */
export const runSchema = object({
  /** Good ones. */
  pieces: numberSchema({ greatest: 10_000, whole: true, example: '24' }),
  /** Of all that are cast, what is thrown away. */
  rejects: optionalQuantitySchema(overageRule),
  /** Moulds that are alike. */
  moulds: optionalNumberSchema({ greatest: mostMoulds, whole: true, example: '2' }),
  /** Pieces out of one mould; what its card has, without it. */
  cavities: optionalNumberSchema({ greatest: 1000, whole: true, example: '4' }),
  /** Weighing and stirring one mix. */
  mix: optionalQuantitySchema(timeRule),
  /** Filling one mould. */
  pour: optionalQuantitySchema(timeRule),
  /** From then until it may come out. */
  demould: optionalQuantitySchema(timeRule),
  /** Taking it out, cleaning, release: one mould. */
  handling: optionalQuantitySchema(timeRule),
  /** Moulds that are filled from one mix; as many as is best without it. */
  perMix: optionalNumberSchema({ greatest: mostMoulds, whole: true, example: '2' }),
  /** People at it. */
  hands: optionalNumberSchema({ greatest: 4, whole: true, example: '1' }),
  /** Hours a day at it. */
  dayHours: optionalQuantitySchema(timeRule),
  /** Castings that a mould lasts, and what a new one costs. */
  lasts: optionalNumberSchema({ greatest: 100_000, whole: true, example: '40' }),
  mouldCost: optionalNumberSchema({ greatest: 1_000_000, whole: false, example: '38' }),
})
  .noUnknown()
  .optional()
  .default(undefined);

export type Run = NonNullable<InferType<typeof runSchema>>;
