import { array, object, string } from 'yup';
import {
  fillRule,
  flowRule,
  keptBackRule,
  lengthRule,
  timeRule,
  volumeRule,
  waterTemperatureRule,
} from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { optionalQuantitySchema, quantitySchema } from '../schema/quantitySchema';
import { noteSchema } from '../schema/textSchema';

/** What is done in a container decides how full it may be. */
export const containerUses = ['stir', 'vacuum'] as const;
export type ContainerUse = (typeof containerUses)[number];

/** Stirring needs headroom; what is degassed boils up several times its volume. */
export const usualFill: Readonly<Record<ContainerUse, number>> = { stir: 0.8, vacuum: 1 / 3 };

/** A cup or bucket of the person's own. */
export const containerSchema = object({
  name: noteSchema(40),
  capacity: quantitySchema(volumeRule),
  /** How full it may be; by its use where that is not said. */
  fill: optionalQuantitySchema(fillRule),
  use: choiceSchema(containerUses).optional(),
}).noUnknown();

/** How the parts are measured out. */
export const measuredBy = ['weight', 'volume', 'pump'] as const;
export type MeasuredBy = (typeof measuredBy)[number];

export const stirredBy = ['hand', 'machine'] as const;
export type StirredBy = (typeof stirredBy)[number];

export const mixingSchema = object({
  by: choiceSchema(measuredBy).optional(),
  /** The part that goes in first. */
  first: string()
    .oneOf(['a', 'b'] as const)
    .optional(),
  /** Both into one cup, the scale running on; or each in its own and then into a third. */
  cups: string()
    .oneOf(['one', 'own'] as const)
    .optional(),
  /** What the marks of a cup can show. */
  cupStep: optionalQuantitySchema(volumeRule),
  /** One stroke of each pump. */
  strokeA: optionalQuantitySchema(volumeRule),
  strokeB: optionalQuantitySchema(volumeRule),
  /** A paddle in a drill whips more air in than a hand does. */
  stirBy: choiceSchema(stirredBy).optional(),
  /** How far a thin stream falls. */
  pourFrom: optionalQuantitySchema(lengthRule),
  /** Stirring, the second cup and the rest for bubbles. */
  stir: optionalQuantitySchema(timeRule),
  pourRate: optionalQuantitySchema(flowRule),
  /** Share of the pot life that is kept back. */
  keptBack: optionalQuantitySchema(keptBackRule),
})
  .noUnknown()
  .optional()
  .default(undefined);

/** Plain cups are marked by weighing water into them. */
export const cupMarksSchema = object({
  marks: array().of(quantitySchema(volumeRule)).min(1).max(40).defined(),
  water: quantitySchema(waterTemperatureRule),
})
  .noUnknown()
  .optional()
  .default(undefined);
