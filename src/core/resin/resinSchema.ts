import { array, object, string, type InferType } from 'yup';
import {
  amountRule,
  densityRule,
  doseRule,
  temperatureLimitRule,
  timeRule,
  viscosityRule,
} from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { optionalQuantitySchema, quantitySchema } from '../schema/quantitySchema';
import { definedAs } from '../schema/inJson';
import { refusal } from '../schema/refusal';
import { longestCardName } from '../schema/nameWith';
import { nameSchema, noteSchema } from '../schema/textSchema';
import { familyOf, resinFamilies, type ResinFamily } from './families';
import { hardenerKeys, hardenerSchema } from './hardenerSchema';
import { kitSchema, lotSchema } from './kitSchema';
import { ownPacesSchema } from './ownPaceSchema';

/** How clear the cured resin is, the clearest first. */
export const clarities = ['water-clear', 'clear', 'tinted', 'opaque'] as const;
export type Clarity = (typeof clarities)[number];

/** Where pigment goes, and when: some families must have it in a part before the two meet. */
const pigmentSchema = object({
  limit: optionalQuantitySchema(doseRule),
  into: string()
    .oneOf(['a', 'b', 'mix'] as const)
    .optional(),
})
  .noUnknown()
  .optional()
  .default(undefined);

/** What a lamp needs for one layer. */
const lampSchema = object({
  time: quantitySchema(timeRule),
  wavelength: noteSchema(40),
})
  .noUnknown()
  .optional()
  .default(undefined);

/** Catalyst by weight of the resin: it is set by the warmth of the room. */
const catalystSchema = object({
  least: quantitySchema(doseRule),
  greatest: quantitySchema(doseRule),
})
  .noUnknown()
  .optional()
  .default(undefined);

/** What of a card must go together; where a card may be left out there is none. */
interface RatioSaid {
  readonly family?: ResinFamily;
  readonly ratio?: unknown;
  readonly ratioByWeight?: unknown;
  readonly ratioByVolume?: unknown;
}

/** A resin card: what the label says. The one source of its type, for form, file and storage. */
export const resinSchema = object({
  /** Ties a job to the card on the shelf; a file may leave it out. */
  id: string().optional(),
  name: nameSchema(longestCardName),
  family: string().oneOf(resinFamilies).defined(),
  /** What the card's own hardener is called, where there are others. */
  hardenerName: noteSchema(40),
  ...hardenerKeys,
  densityA: optionalQuantitySchema(densityRule),
  /** Of the mix, where a label gives only that. */
  densityMixed: optionalQuantitySchema(densityRule),
  /** Other hardeners for the same resin; what one leaves out is as on the card. */
  hardeners: array().of(hardenerSchema).max(20).optional().default(undefined),
  /** The maker's least batch: less than that does not warm itself enough, or cannot be weighed well. */
  leastBatch: optionalQuantitySchema(amountRule),
  viscosity: optionalQuantitySchema(viscosityRule),
  /** Heat deflection temperature of the cured resin. */
  heatLimit: optionalQuantitySchema(temperatureLimitRule),
  clarity: choiceSchema(clarities).optional(),
  pigment: pigmentSchema,
  /** Shore hardness of silicones and polyurethanes, as the sheet writes it. */
  shore: noteSchema(20),
  catalyst: catalystSchema,
  lamp: lampSchema,
  kits: array().of(kitSchema).max(60).optional().default(undefined),
  lots: array().of(lotSchema).max(60).optional().default(undefined),
  /** What was found in one's own shop, where plans go by it. */
  ownPace: ownPacesSchema,
  /** Where the safety data sheet is. */
  safetySheet: noteSchema(200),
  notes: noteSchema(2000),
})
  .noUnknown()
  .meta(
    definedAs('resin', {
      anyOf: [
        { required: ['ratio'] },
        { required: ['ratioByWeight'] },
        { required: ['ratioByVolume'] },
        {
          properties: { family: { enum: resinFamilies.filter((each) => familyOf(each).onePart) } },
        },
      ],
      // As it was called before a depth had two ends; `upgradeCard` reads it.
      properties: { greatestDepth: { $ref: '#/definitions/quantity' } },
    }),
  )
  .test('ratio', (card: RatioSaid | undefined, context) => {
    if (card?.family === undefined) return true;
    const { family, ratio, ratioByWeight, ratioByVolume } = card;
    // A family that is none is told by itself.
    if (!resinFamilies.includes(family)) return true;
    if (ratio !== undefined || familyOf(family).onePart) return true;
    if (ratioByWeight === undefined && ratioByVolume === undefined) {
      return refusal(context, 'missing', { example: '3 : 1' }, `${pathIn(context.path)}ratio`);
    }
    // Which of two rules is the maker's word, not a guess.
    return (
      ratioByWeight === undefined ||
      ratioByVolume === undefined ||
      refusal(context, 'ratio-rules-unsaid', {}, `${pathIn(context.path)}ratio`)
    );
  });

const pathIn = (path: string): string => (path === '' ? '' : `${path}.`);

export type Resin = InferType<typeof resinSchema>;
export type StatedRatio = NonNullable<Resin['ratio']>;
