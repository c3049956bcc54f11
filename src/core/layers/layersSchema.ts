import { array, object, string } from 'yup';
import { lengthRule } from '../quantity/rules';
import { optionalNumberSchema } from '../schema/numberSchema';
import { optionalQuantitySchema, quantitySchema } from '../schema/quantitySchema';
import { refusal } from '../schema/refusal';

/** How a pour is split: layers alike; full layers and a thin one on top; a thin one that locks inserts first. */
export const layerStyles = ['one-pour', 'equal', 'full-top-off', 'lock-in'] as const;
export type LayerStyle = (typeof layerStyles)[number];

/** The two schools of joining layers: while the last one is sticky, or cured, scuffed and wiped. */
export const joints = ['tacky', 'scuff'] as const;
export type Joint = (typeof joints)[number];

/** By whose word a layer may be so deep: the smaller of the label and what heat allows in this room, or one of the two. */
export const depthRules = ['smaller', 'label', 'room'] as const;
export type DepthRule = (typeof depthRules)[number];

export const layersSchema = object({
  style: string().oneOf(layerStyles).optional(),
  /** Tops of all layers but the last, where the person chose them. */
  heights: array().of(quantitySchema(lengthRule)).max(50).optional().default(undefined),
  /** What this resin takes in this room, where the person knows better than the label. */
  maxDepth: optionalQuantitySchema(lengthRule),
  depthBy: string().oneOf(depthRules).optional(),
  /** Share of that depth which is used: 1 is all of it, cautious people stay at a half. */
  caution: optionalNumberSchema({ greatest: 1, whole: false, example: '0.5' }),
  /** Depth of the first thin layer. */
  lockIn: optionalQuantitySchema(lengthRule),
  joint: string().oneOf(joints).optional(),
})
  .noUnknown()
  .optional()
  .default(undefined)
  .test('one-way', (layers, context) => {
    const twice = layers?.style !== undefined && (layers.heights ?? []).length > 0;
    return twice ? refusal(context, 'layers-said-twice', {}, `${context.path}.heights`) : true;
  });
