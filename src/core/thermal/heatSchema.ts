import { object } from 'yup';
import { lengthRule, roomTemperatureRule, timeRule } from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { clockSchema } from '../schema/clockSchema';
import { optionalQuantitySchema, quantitySchema } from '../schema/quantitySchema';
import { seals, solidKinds } from './solids';

/** What a form stands on. */
export const undersides = ['raised', 'bench', 'foam', 'plate'] as const;
export type Underside = (typeof undersides)[number];

const wallSchema = object({
  material: choiceSchema(solidKinds),
  thickness: quantitySchema(lengthRule),
})
  .noUnknown()
  .optional()
  .default(undefined);

/** What heat needs to know besides the pour; all of it may be left out, and then the usual is assumed and said. */
export const heatSchema = object({
  /** A room that is not the same all day: then `room.temperature` is left alone and this counts. */
  day: object({
    lowest: quantitySchema(roomTemperatureRule),
    highest: quantitySchema(roomTemperatureRule),
    /** When it is warmest; three in the afternoon without it. */
    warmestAt: clockSchema,
  })
    .noUnknown()
    .optional()
    .default(undefined),
  /** Time of day of the first pour. */
  pouredAt: clockSchema,
  /** Of the mixed resin; as the room without it. */
  resinTemperature: optionalQuantitySchema(roomTemperatureRule),
  /** A fan, from the pour on, for so long. */
  fan: optionalQuantitySchema(timeRule),
  underside: choiceSchema(undersides).optional(),
  plateTemperature: optionalQuantitySchema(roomTemperatureRule),
  floor: wallSchema,
  side: wallSchema,
  /** A dust cover, so far over the surface. */
  cover: optionalQuantitySchema(lengthRule),
  /** Tape or hot melt softens long before the boards do. */
  seal: choiceSchema(seals).optional(),
  /** A warm bath that bottles or cup stood in: what the resin comes out of it with. */
  bath: optionalQuantitySchema(roomTemperatureRule),
})
  .noUnknown()
  .optional()
  .default(undefined);
