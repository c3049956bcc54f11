import { object, string, type TestContext } from 'yup';
import {
  densityRule,
  lengthRule,
  massRule,
  roomTemperatureRule,
  timeRule,
} from '../quantity/rules';
import { numberSchema } from '../schema/numberSchema';
import { refusal } from '../schema/refusal';
import { optionalQuantitySchema, quantitySchema } from '../schema/quantitySchema';
import { nameSchema } from '../schema/textSchema';
import { mostToOne } from './parseRatio';

const partOfRatioSchema = numberSchema({ greatest: 1000, whole: false, example: '3' });
const parts = { a: partOfRatioSchema, b: partOfRatioSchema };

/** Refuses what is no ratio of two parts that one could measure. */
function isInRange(said: { a?: number; b?: number } | undefined, context: TestContext) {
  const { a, b } = said ?? {};
  if (a === undefined || b === undefined || !(a > 0) || !(b > 0)) return true;
  const isMeasurable = Math.max(a / b, b / a) <= mostToOne;
  return isMeasurable || refusal(context, 'ratio-out-of-range', { mostToOne });
}

const optionalParts = object(parts)
  .noUnknown()
  .optional()
  .default(undefined)
  .test('ratio-range', isInRange);

/** A time of the label, and the temperature it holds at. */
const timedSchema = object({
  time: quantitySchema(timeRule),
  temperature: optionalQuantitySchema(roomTemperatureRule),
})
  .noUnknown()
  .optional()
  .default(undefined);

/** What goes with a hardener: the same keys on the card itself and on each of its other hardeners. */
export const hardenerKeys = {
  /** The mixing ratio that rules, as the maker states it; `by` says which of the two it is. */
  ratio: object({
    by: string()
      .oneOf(['volume', 'weight'] as const)
      .defined(),
    ...parts,
  })
    .noUnknown()
    .optional()
    .default(undefined)
    .test('ratio-range', isInRange),
  /** Both ratios as a sheet may give them: the one that does not rule checks the other. */
  ratioByWeight: optionalParts,
  ratioByVolume: optionalParts,
  densityB: optionalQuantitySchema(densityRule),
  /** Depth of one pour by the label. */
  depth: object({
    least: optionalQuantitySchema(lengthRule),
    greatest: optionalQuantitySchema(lengthRule),
  })
    .noUnknown()
    .optional()
    .default(undefined),
  /** With the mass and the temperature that it was quoted at. */
  potLife: object({
    time: quantitySchema(timeRule),
    mass: optionalQuantitySchema(massRule),
    temperature: optionalQuantitySchema(roomTemperatureRule),
  })
    .noUnknown()
    .optional()
    .default(undefined),
  times: object({
    tackFree: timedSchema,
    /** The window in which the next layer bonds without sanding. */
    recoat: object({
      from: quantitySchema(timeRule),
      to: optionalQuantitySchema(timeRule),
      temperature: optionalQuantitySchema(roomTemperatureRule),
    })
      .noUnknown()
      .optional()
      .default(undefined),
    demould: timedSchema,
    fullCure: timedSchema,
  })
    .noUnknown()
    .optional()
    .default(undefined),
};

/** One of several hardeners for a resin. */
export const hardenerSchema = object({ name: nameSchema(40), ...hardenerKeys }).noUnknown();
