import { array, boolean, object, string, type InferType } from 'yup';
import { fillersSchema } from '../mix/fillers/fillersSchema';
import { doseRule, fillRule, lengthRule, massRule, volumeRule } from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { inJson } from '../schema/inJson';
import { optionalNumberSchema } from '../schema/numberSchema';
import { optionalQuantitySchema } from '../schema/quantitySchema';
import { refusal } from '../schema/refusal';
import { nameSchema, noteSchema } from '../schema/textSchema';
import { pigmentKinds } from './pigmentKinds';

/** How much of a pigment: exactly one of these ways. */
const doseKeys = {
  /** Of the mixed mass. */
  share: optionalQuantitySchema(doseRule),
  /** In 100 ml of the mix, of the size that twenty of them were weighed at. */
  drops: optionalNumberSchema({ greatest: 10_000, whole: false, example: '12' }),
  twentyDrops: optionalQuantitySchema(massRule),
  /** A pinch, told afterwards: the pot before and after. */
  potBefore: optionalQuantitySchema(massRule),
  potAfter: optionalQuantitySchema(massRule),
  /** Depth at which the dose looked right in a test cup: for transparent tints. */
  testDepth: optionalQuantitySchema(lengthRule),
  /** Opaque colour does not deepen with depth. */
  opaque: boolean().optional(),
};

/** A pigment and its dose. */
export const pigmentSchema = object({
  name: nameSchema(60),
  kind: choiceSchema(pigmentKinds),
  ...doseKeys,
})
  .noUnknown()
  .meta(
    inJson({
      oneOf: [
        { required: ['share'] },
        { required: ['drops', 'twentyDrops'] },
        { required: ['potBefore', 'potAfter'] },
      ],
    }),
  )
  .test('one-dose', (pigment, context) => {
    const { share, drops, potBefore } = pigment;
    const ways = [share, drops, potBefore].filter((each) => each !== undefined).length;
    const at = (key: string): string => `${context.path}.${key}`;
    if (ways !== 1) {
      return refusal(context, ways === 0 ? 'no-dose' : 'dose-said-twice', {}, at('share'));
    }
    if (drops !== undefined && pigment.twentyDrops === undefined) {
      return refusal(context, 'drops-not-weighed', {}, at('twentyDrops'));
    }
    if (potBefore !== undefined && pigment.potAfter === undefined) {
      return refusal(context, 'missing', { example: '48.2 g' }, at('potAfter'));
    }
    return true;
  });

export type Pigment = InferType<typeof pigmentSchema>;

/** A colour as a screen shows it. */
const hex = /^#[0-9a-f]{6}$/i;
export const swatchSchema = string()
  .meta(inJson({ type: 'string', pattern: '^#[0-9a-fA-F]{6}$' }))
  .test('swatch', (text, context) =>
    text === undefined || hex.test(text) ? true : refusal(context, 'not-a-colour'),
  );

/** A part of the pour with a colour of its own. */
export const portionSchema = object({
  name: nameSchema(60),
  /** Of this cavity, counted from 1; of all without it. */
  cavity: optionalNumberSchema({ greatest: 200, whole: true, example: '1' }),
  /** Of this layer, counted from 1; of all without it. */
  layer: optionalNumberSchema({ greatest: 51, whole: true, example: '1' }),
  share: optionalQuantitySchema(fillRule),
  /** Of the cavity that is filled; what is mixed besides goes along in proportion. */
  volume: optionalQuantitySchema(volumeRule),
  /** What the others leave, or an equal part of it where several take it; so is one with neither share nor volume. */
  rest: boolean().optional(),
  pigments: array().of(pigmentSchema).max(12).optional().default(undefined),
  /** Solids in this portion alone, besides those of the whole pour. */
  fillers: fillersSchema,
  /** What it should look like, for the screen alone. */
  swatch: swatchSchema,
})
  .noUnknown()
  .test('one-amount', ({ share, volume, rest }, context) => {
    const ways = [share, volume, rest === true ? rest : undefined].filter(
      (each) => each !== undefined,
    );
    return ways.length <= 1 || refusal(context, 'portion-said-twice', {}, `${context.path}.share`);
  });

export type Portion = InferType<typeof portionSchema>;

/** Each portion from its own A and B, or all from the same mixed batch. */
export const coloursFrom = ['own-batches', 'one-batch'] as const;

/** Colour in all of part A, for every layer at once: the ratio leaves its mass out. */
export const tintSchema = object({
  name: noteSchema(60),
  kind: choiceSchema(pigmentKinds).optional(),
  /** In all of part A. */
  pigment: optionalQuantitySchema(massRule),
  /** Of the mixed mass, in place of a weight. */
  share: optionalQuantitySchema(doseRule),
  testDepth: optionalQuantitySchema(lengthRule),
  opaque: boolean().optional(),
  swatch: swatchSchema,
})
  .noUnknown()
  .optional()
  .default(undefined)
  .meta(inJson({ oneOf: [{ required: ['pigment'] }, { required: ['share'] }] }))
  .test('one-dose', (tint, context) => {
    if (tint === undefined) return true;
    const at = `${context.path}.share`;
    if (tint.pigment === undefined && tint.share === undefined) {
      return refusal(context, 'no-dose', {}, at);
    }
    return tint.pigment === undefined || tint.share === undefined
      ? true
      : refusal(context, 'dose-said-twice', {}, at);
  });

/** A colour that was found good, to be used again. */
export const recipeSchema = object({
  id: string().optional(),
  name: nameSchema(60),
  pigments: array().of(pigmentSchema).min(1).max(12).defined(),
  swatch: swatchSchema,
}).noUnknown();

export type Recipe = InferType<typeof recipeSchema>;
