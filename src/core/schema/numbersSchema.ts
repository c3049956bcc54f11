import { mixed, type MixedSchema } from 'yup';
import { refusal } from './refusal';

/**
 * A list of finite numbers, such as the coordinates of an outline. Checked in one go: a schema for each
 * entry would take longer than all the rest of a job.
 * @param rule.perItem how many numbers make one item (2 for a point)
 * @param rule.least fewest items
 * @param rule.most most items
 */
export function numbersSchema(rule: {
  readonly perItem: number;
  readonly least: number;
  readonly most: number;
}): MixedSchema<readonly number[]> {
  const { perItem, least, most } = rule;
  return mixed<readonly number[]>().test('numbers', (value: unknown, context) => {
    if (value === undefined) return refusal(context, 'missing');
    if (!Array.isArray(value)) return refusal(context, 'wrong-type');
    if (!value.every((each) => typeof each === 'number' && Number.isFinite(each))) {
      return refusal(context, 'not-finite');
    }
    if (value.length % perItem !== 0) return refusal(context, 'wrong-type');
    if (value.length < least * perItem) return refusal(context, 'too-few', { limit: least });
    return value.length <= most * perItem || refusal(context, 'too-many', { limit: most });
  }) as MixedSchema<readonly number[]>;
}
