import { lazy, type ISchema, type Lazy, type Schema } from 'yup';

/**
 * A schema that is picked by the value it is held against. Yup takes the type of what the builder returns, which is any of
 * several objects; the type that they make together is said here, and nowhere else.
 * @param choices every schema that may be picked, for what describes them all
 */
export const typedLazy = <T>(
  pick: (value: unknown) => ISchema<unknown>,
  choices: readonly Schema[],
): Lazy<T> => lazy(pick).meta({ choices }) as unknown as Lazy<T>;
