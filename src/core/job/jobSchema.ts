import { array, number, object, string, type InferType } from 'yup';
import { joints } from '../layers/layersSchema';
import { inclusionsSchema } from '../flow/inclusionsSchema';
import { uvSchema } from '../lamp/uvSchema';
import { fillersSchema } from '../mix/fillers/fillersSchema';
import { timeRule } from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { definedAs, inJson } from '../schema/inJson';
import { needed } from '../schema/needed';
import { optionalQuantitySchema } from '../schema/quantitySchema';
import { refusal } from '../schema/refusal';
import { longestJobName } from '../schema/nameWith';
import { nameSchema, noteSchema } from '../schema/textSchema';
import { pressureSchema, vacuumSchema } from '../vessel/vesselSchemas';
import { castingSchema } from '../production/castingSchema';
import { runSchema } from '../production/runSchema';
import { mouldBoxSchema } from '../mouldBox/mouldBoxSchema';
import { coversSchema, fillsSchema } from './coversSchema';
import { pourRoles } from './pourChoices';
import { jobKeys, measureKeys, placeKeys, roomOfJob, roomOfPour } from './jobKeys';
import { pourKeys } from './pourKeys';

/** Version of the job format that this core writes; it reads the older ones too, see `upgradeJob`. */
export const jobVersion = 2;

/** More pours than this are several pieces. */
export const mostPours = 30;

const measureSchema = object(measureKeys).noUnknown().meta(definedAs('measure'));

/** One pour of a job: what it is for, what it covers, and everything that is of its resin. */
const pourSchema = object({
  /** Ties records of what happened to it; a file may leave it out. */
  id: string().max(40).optional(),
  name: noteSchema(80),
  role: choiceSchema(pourRoles).optional(),
  fills: fillsSchema,
  covers: coversSchema,
  /** Parts of its own: what is not a face and not a stretch of the job's form. */
  measure: measureSchema.optional().default(undefined),
  /** How it joins the pour before it, and how long after that it is poured. */
  joint: choiceSchema(joints).optional(),
  wait: optionalQuantitySchema(timeRule),
  room: roomOfPour,
  ...placeKeys,
  ...pourKeys,
  fillers: fillersSchema,
  inclusions: inclusionsSchema,
  uv: uvSchema,
  pressure: pressureSchema,
  vacuum: vacuumSchema,
  run: runSchema,
  casting: castingSchema,
  /** It is a mould round what is measured. */
  mouldBox: mouldBoxSchema,
})
  .noUnknown()
  .meta(
    definedAs('pour', {
      not: {
        anyOf: [
          { required: ['fills', 'covers'] },
          { required: ['fills', 'measure'] },
          { required: ['covers', 'measure'] },
          { required: ['covers', 'mouldBox'] },
          { required: ['fills', 'mouldBox'] },
        ],
      },
    }),
  )
  .test('covers-one-thing', ({ fills, covers, measure, mouldBox }, context) => {
    const said = [
      ...(fills === undefined ? [] : ['fills']),
      ...(covers === undefined ? [] : ['covers']),
      ...(measure === undefined ? [] : ['measure']),
    ];
    // A mould is poured round what is measured, not into a part of it.
    const round = mouldBox === undefined || measure !== undefined ? [] : ['mouldBox'];
    const [, second] = [...round, ...said];
    return second === undefined
      ? true
      : refusal(
          context,
          'pour-said-twice',
          { said: [...round, ...said] },
          `${context.path}.${second}`,
        );
  });

/**
 * A job: everything the person said, as they typed it. It is the export format, what storage keeps,
 * what forms edit and what `planJob` reads; the type comes from here alone.
 */
export const jobSchema = object({
  format: string()
    .oneOf(['nipperkin-job'] as const)
    .defined(),
  version: number()
    .oneOf([jobVersion] as const)
    .defined(),
  name: nameSchema(longestJobName),
  room: roomOfJob,
  /** The form, measured once; left out where every pour measures for itself. */
  measure: measureSchema.optional().default(undefined),
  ...jobKeys,
  /** In working order. */
  pours: array().of(pourSchema).min(1).max(mostPours).defined(),
}).noUnknown();

export type Job = InferType<typeof jobSchema>;
export type Pour = Job['pours'][number];
export type Measure = NonNullable<Job['measure']>;

/** Version 1: a job was one pour, its keys beside those of the job. */
export const jobSchemaVersion1 = object({
  format: string()
    .oneOf(['nipperkin-job'] as const)
    .defined(),
  version: number()
    .oneOf([1] as const)
    .defined(),
  name: nameSchema(longestJobName),
  room: roomOfJob,
  measure: needed(measureSchema),
  ...jobKeys,
  ...pourKeys,
})
  .noUnknown()
  // The step of the scale as the oldest files have it; `upgradeWithinVersion` reads it.
  .meta(
    inJson({
      properties: {
        scale: {
          type: 'object',
          properties: { step: { $ref: '#/definitions/quantity' } },
          additionalProperties: false,
        },
      },
    }),
  );

export type JobVersion1 = InferType<typeof jobSchemaVersion1>;
