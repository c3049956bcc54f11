import { massRule, moistureRule } from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { optionalQuantitySchema } from '../schema/quantitySchema';
import { timberGroups } from './timber';

/** Whether resin gets beneath what stands on the floor: it does unless it was bedded in sealant or glue. */
export const seats = ['open', 'bedded'] as const;
export type Seat = (typeof seats)[number];

/** How heavy and how fixed a body is; without a density it may be weighed, or told by its timber. */
export const heldKeys = {
  /** One of them. */
  weighs: optionalQuantitySchema(massRule),
  timber: choiceSchema(timberGroups).optional(),
  moisture: optionalQuantitySchema(moistureRule),
  seat: choiceSchema(seats).optional(),
};
