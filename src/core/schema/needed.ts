import type { AnyObject, Defined, ObjectSchema } from 'yup';

/**
 * An object that must be there as a whole. Left to itself Yup makes up an empty one and then complains
 * about its first key, which is not what is wrong.
 */
export function needed<T extends AnyObject>(schema: ObjectSchema<T>): ObjectSchema<Defined<T>> {
  return schema.default(undefined).defined() as unknown as ObjectSchema<Defined<T>>;
}
