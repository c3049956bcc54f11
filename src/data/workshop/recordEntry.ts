import { mixed, object, string, type InferType } from 'yup';
import { InputError } from '../../core/problem';
import { inJson } from '../../core/schema/inJson';
import { jsonOf, keptLimits, type JsonLimits } from '../../core/schema/jsonText';

/** What an entry of a file of everything may hold besides what a record may: it stands a little deeper, and there are many. */
export const entryLimits: JsonLimits = {
  deepest: 50,
  mostThings: 200_000,
  mostInAll: 20_000_000,
  oddSigns: true,
};

/** `job/abc`: the kind of a record and its id. */
export const keySchema = string().matches(/^[a-z][a-z-]{0,40}\/[^\n]{1,120}$/);

/** A record of a file of everything: as it is, or as text where no reader would write that text again. */
export const entrySchema = object({
  key: keySchema.required(),
  record: mixed()
    .meta(inJson({ type: 'object' }))
    .optional(),
  text: string().optional(),
}).noUnknown();

export type RecordEntry = InferType<typeof entrySchema>;

/** A record as it is, where that says the very text that is stored; as text otherwise. */
export function entryOf(key: string, text: string): RecordEntry {
  try {
    const record = jsonOf(text, keptLimits);
    const isObject = typeof record === 'object' && record !== null && !Array.isArray(record);
    if (isObject && JSON.stringify(record) === text) return { key, record };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
  }
  return { key, text };
}

/** An entry as it is stored. */
export const textOfEntry = ({ record, text }: RecordEntry): string =>
  text ?? JSON.stringify(record ?? null);
