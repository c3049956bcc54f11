import { string, type StringSchema } from 'yup';

/** One of a few words. */
export function choiceSchema<T extends string>(choices: readonly T[]): StringSchema<T> {
  return string().oneOf(choices).defined() as StringSchema<T>;
}
