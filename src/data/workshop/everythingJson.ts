import { array, mixed, object, string } from 'yup';
import { checkedOrThrow } from '../../core/schema/check';
import { jsonOf } from '../../core/schema/jsonText';
import type { Kept } from './kept';
import { entryLimits, entryOf, entrySchema, textOfEntry } from './recordEntry';

/** Everything as one text in JSON: what earlier versions saved, and what the page that needs nothing of the app still saves. */
const everythingSchema = object({
  format: string()
    .oneOf(['nipperkin-data'] as const)
    .required(),
  version: mixed<1>((value): value is 1 => value === 1).required(),
  records: array().of(entrySchema).defined(),
}).noUnknown();

/**
 * What a file of everything in JSON holds, as it was stored.
 * @throws InputError for the first thing that is wrong
 */
export function readEverythingJson(text: string): Kept {
  const { records } = checkedOrThrow(everythingSchema, jsonOf(text, entryLimits));
  return {
    records: new Map(records.map((entry) => [entry.key, textOfEntry(entry)])),
    gone: new Map(),
  };
}

/** Everything as one text in JSON, for when there is no thread that packs it. */
export function everythingJson({ records }: Kept): string {
  const entries = [...records].map(([key, text]) => entryOf(key, text));
  return `${JSON.stringify({ format: 'nipperkin-data', version: 1, records: entries }, null, 2)}\n`;
}
