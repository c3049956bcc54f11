import { array, mixed, number, object, string, type InferType } from 'yup';
import { inJson } from '../../core/schema/inJson';
import { readVector, type Vector } from '../store/vector';
import { entrySchema, keySchema } from './recordEntry';

/** The version that is written, and the greatest that is read. */
export const workshopVersion = 1;

/** `records/job-1.json`, `gone.json`, `photos/12.jpg`: paths that stay where they are unpacked. */
const partPath =
  /^(records\/[a-z][a-z-]{0,40}-\d{1,6}\.json|photos\/\d{1,6}\.(jpg|png)|gone\.json)$/;

export const isPartPath = (path: string): boolean => partPath.test(path);

const partSchema = object({
  path: string().matches(partPath).required(),
  /** Of the part as it is unpacked, in hexadecimal digits. */
  sha256: string()
    .matches(/^[0-9a-f]{64}$/)
    .required(),
}).noUnknown();

/** `workshop.json`: what else is in the archive. */
export const workshopSchema = object({
  format: string()
    .oneOf(['nipperkin-workshop'] as const)
    .required(),
  version: number()
    .oneOf([workshopVersion] as const)
    .required(),
  /** When it was saved, as a moment in UTC. */
  madeAt: string()
    .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/)
    .required(),
  parts: array().of(partSchema.required()).max(200_000).required(),
}).noUnknown();

/** `records/*.json`; the picture of a photo stands in a part of its own. */
export const workshopRecordsSchema = array()
  .of(
    entrySchema
      .concat(object({ picture: string().optional() }))
      .noUnknown()
      .required(),
  )
  .required();

export type WorkshopRecord = InferType<typeof workshopRecordsSchema>[number];

/** `gone.json`: what was deleted, so that an older file does not bring it back. */
export const workshopGoneSchema = array()
  .of(
    object({
      key: keySchema.required(),
      vector: mixed<Vector>((value): value is Vector => readVector(value) !== undefined)
        .meta(inJson({ type: 'object', additionalProperties: { type: 'integer', minimum: 1 } }))
        .required(),
    })
      .noUnknown()
      .required(),
  )
  .required();
