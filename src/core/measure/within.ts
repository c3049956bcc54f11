import { InputError } from '../problem';

/** Runs a measurement of one part and tells its problems by their place in the job. */
export function within<T>(place: string, measure: () => T): T {
  try {
    return measure();
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const field = error.field === '' ? place : `${place}.${error.field}`;
    throw error.at(field);
  }
}
