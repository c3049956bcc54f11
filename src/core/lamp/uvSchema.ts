import { object, type InferType } from 'yup';
import { exposureRule, irradianceRule, lengthRule, timeRule } from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { optionalQuantitySchema } from '../schema/quantitySchema';
import { refusal } from '../schema/refusal';

/** How much of the light gets through, the clearest first. */
export const opacities = ['clear', 'tinted', 'strong', 'opaque'] as const;
export type Opacity = (typeof opacities)[number];

/** The lamp that a pour is set with, and how the light gets into it. */
export const uvSchema = object({
  /** At the resin, by a meter or the sheet of the lamp. */
  intensity: optionalQuantitySchema(irradianceRule),
  /** Or how long this lamp takes for a depth that is known. */
  knownTime: optionalQuantitySchema(timeRule),
  knownDepth: optionalQuantitySchema(lengthRule),
  /** By its colours where nobody says. */
  opacity: choiceSchema(opacities).optional(),
  /** Where a third of the light is left, and what the surface takes to gel, of the sheet. */
  penetration: optionalQuantitySchema(lengthRule),
  critical: optionalQuantitySchema(exposureRule),
})
  .noUnknown()
  .optional()
  .default(undefined)
  .test('one-lamp', (uv, context) => {
    if (uv === undefined) return true;
    const { intensity, knownTime, knownDepth } = uv;
    if (intensity !== undefined && knownTime !== undefined) {
      return refusal(context, 'lamp-said-twice', {}, `${context.path}.knownTime`);
    }
    if (knownTime !== undefined && knownDepth === undefined) {
      return refusal(context, 'missing', { example: '3 mm' }, `${context.path}.knownDepth`);
    }
    if (knownDepth !== undefined && knownTime === undefined) {
      return refusal(context, 'missing', { example: '60 s' }, `${context.path}.knownTime`);
    }
    return true;
  });

export type Uv = NonNullable<InferType<typeof uvSchema>>;
