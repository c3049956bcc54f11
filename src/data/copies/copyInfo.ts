import { array, number, object, string, type InferType } from 'yup';

/** Why a safety copy was made. */
export const copyReasons = ['by-itself', 'by-hand', 'before-file', 'before-start-over'] as const;
export type CopyReason = (typeof copyReasons)[number];

const copyInfoSchema = object({
  id: string()
    .matches(/^[\w-]{1,40}$/)
    .required(),
  /** Ms since 1970. */
  madeAt: number().integer().min(0).required(),
  why: string().oneOf(copyReasons).required(),
  records: number().integer().min(0).required(),
  /** What it takes by itself; photos that other copies hold too are not counted again. */
  bytes: number().integer().min(0).required(),
  /** How often this device had written by then. */
  writes: number().integer().min(0).required(),
  /** Its photos by their checksums: each is kept once, however many copies hold it. */
  photos: array().of(string().required()).required(),
});

/** What is known of a safety copy without reading it. */
export type CopyInfo = InferType<typeof copyInfoSchema>;

const listSchema = array().of(copyInfoSchema.required()).required();

/** The list of copies as it is kept; empty where it cannot be read: what it listed is swept then. */
export function readCopyList(text: string | null | undefined): readonly CopyInfo[] {
  try {
    return listSchema.validateSync(JSON.parse(text ?? '[]'));
  } catch {
    return [];
  }
}
