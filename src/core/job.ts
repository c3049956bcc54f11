import { array, number, object, string, type InferType } from 'yup';
import { allowancesSchema } from './measure/allowances/allowancesSchema';
import { overageKinds } from './measure/allowances/overage';
import { insertSchema, partSchema, type Insert, type Part } from './measure/parts/partSchema';
import {
  fillRule,
  lengthRule,
  massRule,
  overageRule,
  roomTemperatureRule,
  volumeRule,
} from './quantity/rules';
import { resinSchema } from './resin/resinSchema';
import { check, checkedOrThrow, type Checked } from './schema/check';
import { optionalNumberSchema } from './schema/numberSchema';
import { needed } from './schema/needed';
import { choiceSchema } from './schema/choiceSchema';
import { optionalQuantitySchema, quantitySchema } from './schema/quantitySchema';
import { nameSchema } from './schema/textSchema';

/** Version of the job format that this core writes and reads; see `docs/formats`. */
export const jobVersion = 1;

const measureSchema = object({
  parts: array().of(partSchema).min(1).max(200).defined(),
  /** What stands in the pour and takes the place of resin. */
  inserts: array().of(insertSchema).max(200).optional().default(undefined),
  /** What the tape is read to; each length may be off by half of it. */
  readTo: optionalQuantitySchema(lengthRule),
}).noUnknown();

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
  name: nameSchema(80),
  room: needed(object({ temperature: quantitySchema(roomTemperatureRule) }).noUnknown()),
  measure: needed(measureSchema),
  /** What kind of job it is: decides the overage where none is typed. */
  kind: choiceSchema(overageKinds).optional(),
  overage: optionalQuantitySchema(overageRule),
  allowances: allowancesSchema.optional().default(undefined),
  resin: needed(resinSchema),
  /** Heights at which the pour is cut into layers; without them it is one pour. */
  layers: object({
    heights: array().of(quantitySchema(lengthRule)).max(50).defined(),
  })
    .noUnknown()
    .optional()
    .default(undefined),
  /** The cup or bucket that one batch is mixed in; without it everything is one batch. */
  container: object({ capacity: quantitySchema(volumeRule), fill: quantitySchema(fillRule) })
    .noUnknown()
    .optional()
    .default(undefined),
  /** Equal batches asked for by number instead of by container. */
  batches: optionalNumberSchema({ greatest: 500, whole: true, example: '3' }),
  scale: object({ step: quantitySchema(massRule) })
    .noUnknown()
    .optional()
    .default(undefined),
}).noUnknown();

/** Yup drops types behind `lazy`, so those of parts and inserts are said here. */
export type Job = Omit<InferType<typeof jobSchema>, 'measure'> & {
  readonly measure: {
    readonly parts: readonly Part[];
    readonly inserts?: readonly Insert[] | undefined;
    readonly readTo?: string | undefined;
  };
};

/** Holds what a person is still typing against the job schema, naming everything that is wrong. */
export function checkJob(draft: unknown): Checked<Job> {
  return check(jobSchema, draft, { strip: true }) as unknown as Checked<Job>;
}

/**
 * Reads a job from a file.
 * @throws InputError for the first thing that is wrong, an unknown key included
 */
export function readJob(value: unknown): Job {
  return checkedOrThrow(jobSchema, value) as unknown as Job;
}
