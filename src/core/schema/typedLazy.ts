import { lazy, type ISchema, type Lazy } from 'yup';

/**
 * A schema that is picked by the value it is held against. Yup takes the type of what the builder returns, which is any of
 * several objects; the type that they make together is said here, and nowhere else.
 */
export const typedLazy = <T>(pick: (value: unknown) => ISchema<unknown>): Lazy<T> =>
  lazy(pick) as unknown as Lazy<T>;
