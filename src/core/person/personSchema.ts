import { array, object, type InferType } from 'yup';
import { flowRule, roomTemperatureRule, timeRule } from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { dateSchema } from '../schema/dateSchema';
import { optionalNumberSchema } from '../schema/numberSchema';
import { optionalQuantitySchema } from '../schema/quantitySchema';
import { refusal } from '../schema/refusal';
import { noteSchema } from '../schema/textSchema';
import { hoursSchema, nightSchema } from './hoursSchema';

/** The three schools of sealing the edges of timber. */
export const sealings = ['bare', 'quick-epoxy', 'same-resin'] as const;
export type Sealing = (typeof sealings)[number];

/** Edges alone, or the faces too, so that no colour bleeds into them. */
export const sealedFaces = ['edges', 'faces'] as const;
export type SealedFaces = (typeof sealedFaces)[number];

/** What bubbles are brought down with, once a layer is poured. */
export const bubbleTools = ['torch', 'heat-gun', 'pick'] as const;
export type BubbleTool = (typeof bubbleTools)[number];

const awaySchema = object({
  from: dateSchema.defined(),
  to: dateSchema.defined(),
  why: noteSchema(60),
})
  .noUnknown()
  .test('away', ({ from, to }, context) =>
    from === undefined || to === undefined || from <= to
      ? true
      : refusal(context, 'days-crossed', { from, to }, `${context.path}.to`),
  );

/** What the days need to know of a person; all of it may be left out, and then the usual stands for it. */
export const personSchema = object({
  /** Hours in which hands are free, Monday first. */
  hours: array().of(hoursSchema).length(7).optional().default(undefined),
  sleep: nightSchema.optional(),
  /** Days on which nothing is done, both among them. */
  away: array().of(awaySchema).max(50).optional().default(undefined),
  /** Own pace: weighing out a batch, stirring it, pouring it. */
  weigh: optionalQuantitySchema(timeRule),
  stir: optionalQuantitySchema(timeRule),
  pourRate: optionalQuantitySchema(flowRule),
  sealing: choiceSchema(sealings).optional(),
  sealedFaces: choiceSchema(sealedFaces).optional(),
  /** Until a form's sealant has cured right through. */
  sealantCure: optionalQuantitySchema(timeRule),
  bubbleTool: choiceSchema(bubbleTools).optional(),
  /** How many clamps there are. */
  clamps: optionalNumberSchema({ greatest: 500, whole: true, mayBeZero: true, example: '8' }),
  /** The room by season: what new jobs begin with. */
  rooms: object({
    winter: optionalQuantitySchema(roomTemperatureRule),
    spring: optionalQuantitySchema(roomTemperatureRule),
    summer: optionalQuantitySchema(roomTemperatureRule),
    autumn: optionalQuantitySchema(roomTemperatureRule),
  })
    .noUnknown()
    .optional()
    .default(undefined),
}).noUnknown();

export type PersonTyped = InferType<typeof personSchema>;
export type Season = keyof NonNullable<PersonTyped['rooms']>;
