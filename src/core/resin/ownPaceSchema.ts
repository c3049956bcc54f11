import { array, object, type InferType } from 'yup';
import { numberSchema } from '../schema/numberSchema';
import { nameSchema } from '../schema/textSchema';

/** No resin that keeps its label at all is further from it. */
const factor = () => numberSchema({ least: 0.2, greatest: 5, whole: false, example: '1.1' });

/** How fast a resin cures in one's own shop with one of its hardeners, as a factor on what its label makes it. */
const ownPaceSchema = object({
  /** As `hardenerNames` has it. */
  hardener: nameSchema(60),
  factor: factor(),
  /** It lies between these with nineteen chances of twenty. */
  low: factor(),
  high: factor(),
  /** So many pours were measured. */
  pours: numberSchema({ greatest: 100_000, whole: true, example: '3' }),
}).noUnknown();

/** Those that plans go by, because the person wants it. */
export const ownPacesSchema = array().of(ownPaceSchema).max(40).optional().default(undefined);

export type OwnPace = InferType<typeof ownPaceSchema>;
