import { array, object, type InferType } from 'yup';
import {
  bodyDensityRule,
  bulkDensityRule,
  doseRule,
  massRule,
  volumeRule,
} from '../../quantity/rules';
import { choiceSchema } from '../../schema/choiceSchema';
import { inJson } from '../../schema/inJson';
import { optionalNumberSchema } from '../../schema/numberSchema';
import { optionalQuantitySchema } from '../../schema/quantitySchema';
import { refusal } from '../../schema/refusal';
import { noteSchema } from '../../schema/textSchema';
import { fillerKindNames } from './fillerKinds';

/** How much of a filler, in one of the ways people say it. */
const ways = ['mass', 'share', 'volume', 'perResin', 'potBefore'] as const;

/** Sand, chips, beads: a solid in the mix. */
const fillerSchema = object({
  name: noteSchema(40),
  kind: choiceSchema(fillerKindNames),
  /** In all of the pour or portion. */
  mass: optionalQuantitySchema(massRule),
  /** Of the mixed volume, resin and fillers together. */
  share: optionalQuantitySchema(doseRule),
  /** As a loose heap in a cup. */
  volume: optionalQuantitySchema(volumeRule),
  /** Loose volumes of it to one of resin. */
  perResin: optionalNumberSchema({ greatest: 100, whole: false, example: '1' }),
  /** Its pot on the scale before and after it was stirred in. */
  potBefore: optionalQuantitySchema(massRule),
  potAfter: optionalQuantitySchema(massRule),
  /** Of the grain; the kind's usual one without it. */
  grainDensity: optionalQuantitySchema(bodyDensityRule),
  /** Of a loose heap; the kind's usual one without it. */
  bulkDensity: optionalQuantitySchema(bulkDensityRule),
})
  .noUnknown()
  .meta(
    inJson({
      oneOf: [
        { required: ['mass'] },
        { required: ['share'] },
        { required: ['volume'] },
        { required: ['perResin'] },
        { required: ['potBefore', 'potAfter'] },
      ],
    }),
  )
  .test('one-amount', (filler, context) => {
    const said = ways.filter((way) => filler[way] !== undefined);
    if (said.length === 0) return refusal(context, 'no-filler-amount', {}, `${context.path}.mass`);
    const [, second] = said;
    if (second !== undefined) {
      return refusal(context, 'filler-said-twice', { said }, `${context.path}.${second}`);
    }
    return filler.potBefore === undefined || filler.potAfter !== undefined
      ? true
      : refusal(context, 'missing', { example: massRule.example }, `${context.path}.potAfter`);
  });

export const fillersSchema = array().of(fillerSchema).max(12).optional().default(undefined);

export type Filler = InferType<typeof fillerSchema>;
