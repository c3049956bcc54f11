import { InputError, isOfCode, type Problem } from '../core/problem';

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

/** A worker that reads a file and fails has mostly run out of memory over it: then the file is what to change. */
export function asReader(error: unknown): unknown {
  if (!(error instanceof InputError)) return error;
  const problem: Problem = error.asProblem();
  if (isOfCode(problem, 'worker-failed')) return new InputError('reader-broke-off', undefined);
  return isOfCode(problem, 'worker-too-slow')
    ? new InputError('reader-too-slow', undefined, problem.data)
    : error;
}
