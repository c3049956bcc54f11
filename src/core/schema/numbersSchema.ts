import { mixed, type MixedSchema, type TestContext, type ValidationError } from 'yup';
import { inJson } from './inJson';
import { refusal } from './refusal';

interface NumbersRule {
  /** How many numbers make one item: 2 for a point. */
  readonly perItem: number;
  /** Fewest items. */
  readonly least: number;
  /** Most items. */
  readonly most: number;
}

function verdict(
  value: unknown,
  { perItem, least, most }: NumbersRule,
  context: TestContext,
): true | ValidationError {
  if (!Array.isArray(value)) return refusal(context, 'wrong-type');
  if (!value.every((each) => typeof each === 'number' && Number.isFinite(each))) {
    return refusal(context, 'not-finite');
  }
  if (value.length % perItem !== 0) return refusal(context, 'wrong-type');
  if (value.length < least * perItem) return refusal(context, 'too-few', { limit: least });
  return value.length <= most * perItem || refusal(context, 'too-many', { limit: most });
}

const numbersInJson = ({ perItem, least, most }: NumbersRule) =>
  inJson({
    type: 'array',
    items: { type: 'number' },
    minItems: least * perItem,
    maxItems: most * perItem,
  });

/**
 * A list of finite numbers, such as the coordinates of an outline. Checked in one go: a schema for each
 * entry would take longer than all the rest of a job.
 */
export function numbersSchema(rule: NumbersRule): MixedSchema<readonly number[]> {
  return mixed<readonly number[]>()
    .meta(numbersInJson(rule))
    .test('numbers', (value: unknown, context) =>
      value === undefined ? refusal(context, 'missing') : verdict(value, rule, context),
    ) as MixedSchema<readonly number[]>;
}

/** The same for a list that may be left out. */
export function optionalNumbersSchema(
  rule: NumbersRule,
): MixedSchema<readonly number[] | undefined> {
  return mixed<readonly number[]>()
    .meta(numbersInJson(rule))
    .test(
      'numbers',
      (value: unknown, context) => value === undefined || verdict(value, rule, context),
    );
}
