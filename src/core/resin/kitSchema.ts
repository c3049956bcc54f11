import { object } from 'yup';
import { amountRule } from '../quantity/rules';
import { dateSchema } from '../schema/dateSchema';
import { numberSchema, optionalNumberSchema } from '../schema/numberSchema';
import { quantitySchema } from '../schema/quantitySchema';
import { noteSchema } from '../schema/textSchema';

const priceRule = { greatest: 1_000_000, whole: false, example: '24.00' };

/** One size on sale: both parts together, by volume or by weight. */
export const kitSchema = object({
  supplier: noteSchema(60),
  size: quantitySchema(amountRule),
  /** Buying counts in hundredths of the coin. */
  price: numberSchema({ ...priceRule, least: 0.01 }),
  /** Charged once for an order from this supplier. */
  delivery: optionalNumberSchema({ ...priceRule, mayBeZero: true }),
}).noUnknown();

/** What is left of a kit on the shelf, both parts together. */
export const lotSchema = object({
  left: quantitySchema(amountRule),
  /** What is printed on its bottles: one batch of the maker's. */
  code: noteSchema(40),
  opened: dateSchema,
  bestBefore: dateSchema,
}).noUnknown();
