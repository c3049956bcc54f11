import { array, number, object, string, type InferType } from 'yup';
import { allowancesSchema } from './measure/allowances/allowancesSchema';
import { overageKinds } from './measure/allowances/overage';
import { coloursFrom, portionSchema, tintSchema } from './colour/colourSchemas';
import { layersSchema } from './layers/layersSchema';
import { insertSchema, partSchema, type Insert, type Part } from './measure/parts/partSchema';
import { mouldSchema } from './measure/mould/mouldSchema';
import { containerSchema, cupMarksSchema, mixingSchema } from './mix/mixingSchema';
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
import { heatSchema } from './thermal/heatSchema';
import { needed } from './schema/needed';
import { choiceSchema } from './schema/choiceSchema';
import { optionalQuantitySchema, quantitySchema } from './schema/quantitySchema';
import { nameSchema, noteSchema } from './schema/textSchema';

/** Version of the job format that this core writes and reads; see `docs/formats`. */
export const jobVersion = 1;

/** What a resin may be wanted for besides filling the cavity. */
export const wants = ['fine-detail', 'glitter'] as const;

/** Jobs written when the step of the scale stood in an object of its own. */
export function liftScale(job: unknown): unknown {
  if (typeof job !== 'object' || job === null || !('scale' in job)) return job;
  const { scale, ...rest } = job as Readonly<Record<string, unknown>>;
  const step = (scale as { readonly step?: unknown } | undefined)?.step;
  return step === undefined || 'scaleStep' in rest ? rest : { ...rest, scaleStep: step };
}

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
  /** The hardener of the card, where it has several; the card's own without it. */
  hardener: noteSchema(40),
  /** How the pour is cut into layers; without it, it is one pour. */
  layers: layersSchema,
  /** What the cure's heat depends on besides. */
  heat: heatSchema,
  /** The one cup or bucket that it is mixed in; without it and without a set of them everything is one batch. */
  container: object({ capacity: quantitySchema(volumeRule), fill: quantitySchema(fillRule) })
    .noUnknown()
    .optional()
    .default(undefined),
  /** Equal batches asked for by number instead of by container. */
  batches: optionalNumberSchema({ greatest: 500, whole: true, example: '3' }),
  /** Cups and buckets to choose from: the one that takes the fewest batches, of those the smallest. */
  containers: array().of(containerSchema).max(40).optional().default(undefined),
  /** What the scale can show. */
  scaleStep: optionalQuantitySchema(massRule),
  mixing: mixingSchema,
  cupMarks: cupMarksSchema,
  portions: array().of(portionSchema).max(300).optional().default(undefined),
  /** Whether each portion is mixed by itself, or is a share of one mixed batch. */
  coloursFrom: choiceSchema(coloursFrom).optional(),
  tint: tintSchema,
  /** Small moulds that stand ready for what is left over. */
  leftoverMoulds: array().of(mouldSchema).max(40).optional().default(undefined),
  /** What the resin must be good for besides; for choosing. */
  wants: array().of(choiceSchema(wants).defined()).max(wants.length).optional().default(undefined),
})
  .noUnknown()
  .transform((_, original) => liftScale(original) as never);

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
