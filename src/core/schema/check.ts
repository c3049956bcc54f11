import { ValidationError, type AnyObjectSchema, type InferType, type Schema } from 'yup';
import { InputError, type Problem } from '../problem';
import { asKept } from './asKept';
import type { CarriedProblem } from './refusal';

/** Either the value as its schema describes it, or everything that is wrong with it. */
export type Checked<T> =
  | { readonly value: T; readonly problems: readonly [] }
  | { readonly value: undefined; readonly problems: readonly Problem[] };

type YupParams = NonNullable<ValidationError['params']>;

/** What Yup's own tests find, told in the codes of this project. */
function yupProblem(type: string, params: YupParams): CarriedProblem {
  const limit = (params['min'] ?? params['max']) as number | undefined;
  switch (type) {
    case 'required':
    case 'optionality':
    case 'nullable':
      return { code: 'missing', data: {} };
    case 'oneOf': {
      const values = params['resolved'] ?? params['values'];
      return {
        code: 'not-a-choice',
        data: { choices: Array.isArray(values) ? values.map(String) : [] },
      };
    }
    case 'noUnknown':
      return { code: 'unknown-key', data: { unknown: String(params['unknown']) } };
    case 'min':
      return { code: 'too-few', data: { limit } };
    case 'max':
      return { code: 'too-many', data: { limit: limit ?? 0 } };
    default:
      return { code: 'wrong-type', data: { type: params['type'] as string | undefined } };
  }
}

function problemOf({ path: field = '', type = '', params = {} }: ValidationError): Problem {
  const carried = params['problem'] as CarriedProblem | undefined;
  return { ...(carried ?? yupProblem(type, params)), field, value: params['originalValue'] };
}

/**
 * Holds a value against a schema.
 * @param options.kept it is kept here, see `asKept`
 * @param options.strip drop keys that the schema does not know (a draft that changed its shape) instead of refusing them
 */
export function check<S extends Schema | AnyObjectSchema>(
  schema: S,
  value: unknown,
  options: { readonly strip: boolean; readonly kept?: boolean },
): Checked<InferType<S>> {
  try {
    const checked = schema.validateSync(value, {
      abortEarly: false,
      stripUnknown: options.strip,
      ...(options.kept === true ? asKept : {}),
    });
    return { value: checked, problems: [] };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const all = error.inner.length > 0 ? error.inner : [error];
    return { value: undefined, problems: all.map(problemOf) };
  }
}

/**
 * The value as its schema describes it.
 * @throws InputError for the first thing that is wrong
 */
export function checkedOrThrow<S extends Schema | AnyObjectSchema>(
  schema: S,
  value: unknown,
  { kept = false }: { readonly kept?: boolean } = {},
): InferType<S> {
  const { value: checked, problems } = check(schema, value, { strip: false, kept });
  const [first] = problems;
  if (first !== undefined) throw InputError.of(first);
  return checked;
}
