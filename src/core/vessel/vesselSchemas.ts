import { object, type InferType } from 'yup';
import {
  altitudeRule,
  fillRule,
  gaugeRule,
  lengthRule,
  timeRule,
  vacuumRule,
  volumeRule,
} from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { optionalNumberSchema } from '../schema/numberSchema';
import { optionalQuantitySchema, quantitySchema } from '../schema/quantitySchema';
import { refusal } from '../schema/refusal';

/** Inside of a pot. */
const potSchema = object({
  diameter: quantitySchema(lengthRule),
  height: quantitySchema(lengthRule),
})
  .noUnknown()
  .optional()
  .default(undefined);

/** Outside of a mould. */
const outsideSchema = object({
  length: quantitySchema(lengthRule),
  width: quantitySchema(lengthRule),
  height: quantitySchema(lengthRule),
})
  .noUnknown()
  .optional()
  .default(undefined);

/** How a mould was made. */
export const mouldMade = ['open', 'pressed'] as const;

/** Cast under pressure: pressures are those of the dial, over the air. */
export const pressureSchema = object({
  gauge: quantitySchema(gaugeRule),
  /** What the pot is rated at, on its plate. */
  rating: optionalQuantitySchema(gaugeRule),
  /** How long it is held; by when the resin can come out of its mould where nobody says. */
  hold: optionalQuantitySchema(timeRule),
  altitude: optionalQuantitySchema(altitudeRule),
  pot: potSchema,
  mould: outsideSchema,
  /** Moulds that go in at once. */
  count: optionalNumberSchema({ greatest: 100, whole: true, example: '2' }),
  /** Putting them in, closing the lid and letting air in. */
  closing: optionalQuantitySchema(timeRule),
  /** Whether the mould itself was made under pressure, and under how much. */
  mouldMade: choiceSchema(mouldMade).optional(),
  mouldGauge: optionalQuantitySchema(gaugeRule),
})
  .noUnknown()
  .optional()
  .default(undefined);

export type Pressure = NonNullable<InferType<typeof pressureSchema>>;

/** Degassed in a vacuum before it is poured. */
export const vacuumSchema = object({
  /** What the dial shows under the air outside. */
  dial: optionalQuantitySchema(vacuumRule),
  /** Or what the pump leaves, counted from nothing. */
  leaves: optionalQuantitySchema(vacuumRule),
  altitude: optionalQuantitySchema(altitudeRule),
  /** Air that stirring put into the mix, of its volume. */
  air: optionalQuantitySchema(fillRule),
  /** The pot that it boils up in. */
  pot: optionalQuantitySchema(volumeRule),
})
  .noUnknown()
  .optional()
  .default(undefined)
  .test('one-pressure', (vacuum, context) => {
    if (vacuum === undefined) return true;
    const { dial, leaves } = vacuum;
    if (dial !== undefined && leaves !== undefined) {
      return refusal(context, 'vacuum-said-twice', {}, `${context.path}.leaves`);
    }
    return dial === undefined && leaves === undefined
      ? refusal(context, 'missing', { example: '0.95 bar' }, `${context.path}.dial`)
      : true;
  });
