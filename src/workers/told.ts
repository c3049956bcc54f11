import { InputError, type Problem } from '../core/problem';

/** What a worker answers: an error of the core does not survive the way from one thread to another by itself. */
export type Told<T> = { readonly value: T } | { readonly problem: Problem };

/** Runs work in a worker and tells a problem as plain data; other errors go through as they are. */
export async function told<T>(work: () => Promise<T>): Promise<Told<T>> {
  try {
    return { value: await work() };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const { value } = error;
    return {
      problem: { ...error.asProblem(), value: typeof value === 'object' ? undefined : value },
    };
  }
}

/** The answer of a worker, or its problem thrown as the core throws it. */
export function heard<T>(answer: Told<T>): T {
  if ('value' in answer) return answer.value;
  throw InputError.of(answer.problem);
}
