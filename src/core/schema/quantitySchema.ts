import { string, type StringSchema, type TestContext, type ValidationError } from 'yup';
import { InputError } from '../problem';
import type { Kind } from '../quantity/kinds';
import { readQuantity } from '../quantity/readQuantity';
import type { QuantityRule } from '../quantity/rules';
import { inJson } from './inJson';
import { refusal } from './refusal';

const quantityInJson = inJson({ $ref: '#/definitions/quantity' });

function verdict<K extends Kind>(
  typed: string,
  rule: QuantityRule<K>,
  context: TestContext,
): true | ValidationError {
  try {
    readQuantity(typed, rule);
    return true;
  } catch (error) {
    if (error instanceof InputError) return refusal(context, error.code, error.data);
    throw error;
  }
}

/** A typed quantity under the rule of its field; refused with the code and data of the core's error. */
export function quantitySchema<K extends Kind>(rule: QuantityRule<K>): StringSchema<string> {
  return string()
    .meta(quantityInJson)
    .test('quantity', (typed, context) =>
      typed === undefined
        ? refusal(context, 'missing', { example: rule.example })
        : verdict(typed, rule, context),
    ) as StringSchema<string>;
}

/** The same for a field that may be left empty or out. */
export function optionalQuantitySchema<K extends Kind>(
  rule: QuantityRule<K>,
): StringSchema<string | undefined> {
  return string()
    .meta(quantityInJson)
    .transform((typed: unknown) =>
      typeof typed === 'string' && typed.trim() === '' ? undefined : typed,
    )
    .test('quantity', (typed, context) => typed === undefined || verdict(typed, rule, context));
}
