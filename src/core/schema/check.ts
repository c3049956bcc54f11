import { ValidationError, type AnyObjectSchema, type InferType, type Schema } from 'yup';
import { InputError, type Problem, type ProblemData } from '../problem';
import type { CarriedProblem } from './refusal';

/** Either the value as its schema describes it, or everything that is wrong with it. */
export type Checked<T> =
  | { readonly value: T; readonly problems: readonly [] }
  | { readonly value: undefined; readonly problems: readonly Problem[] };

/** Yup's own tests, told in the codes of this project. */
const codeOfYupTest: Readonly<Record<string, string>> = {
  required: 'missing',
  optionality: 'missing',
  nullable: 'missing',
  typeError: 'wrong-type',
  oneOf: 'not-a-choice',
  noUnknown: 'unknown-key',
  min: 'too-few',
  max: 'too-many',
};

function problemOf(error: ValidationError): Problem {
  const carried = error.params?.['problem'] as CarriedProblem | undefined;
  const field = error.path ?? '';
  if (carried !== undefined) {
    return {
      code: carried.code,
      field,
      value: error.params?.['originalValue'],
      data: carried.data,
    };
  }
  const { type = '', params = {} } = error;
  const values = params['resolved'] ?? params['values'];
  const data: ProblemData = {
    unknown: typeof params['unknown'] === 'string' ? params['unknown'] : undefined,
    limit: (params['min'] ?? params['max']) as number | undefined,
    choices: Array.isArray(values) ? values.map(String) : undefined,
    type: params['type'] as string | undefined,
  };
  return { code: codeOfYupTest[type] ?? 'wrong-type', field, value: params['originalValue'], data };
}

/**
 * Holds a value against a schema.
 * @param options.strip drop keys that the schema does not know (a draft that changed its shape) instead of refusing them
 */
export function check<S extends Schema | AnyObjectSchema>(
  schema: S,
  value: unknown,
  options: { readonly strip: boolean },
): Checked<InferType<S>> {
  try {
    const checked = schema.validateSync(value, { abortEarly: false, stripUnknown: options.strip });
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
): InferType<S> {
  const { value: checked, problems } = check(schema, value, { strip: false });
  const [first] = problems;
  if (first !== undefined) throw new InputError(first.code, first.value, first.data, first.field);
  return checked;
}
