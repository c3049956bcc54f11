import type { TestContext, ValidationError } from 'yup';
import type { ProblemData } from '../problem';

/** What our own tests hand to Yup: a code and its data, taken out again by `check`. */
export interface CarriedProblem {
  readonly code: string;
  readonly data: ProblemData;
}

/** A Yup error that carries a problem's code and data instead of a sentence. */
export function refusal(
  context: TestContext,
  code: string,
  data: ProblemData = {},
  path: string = context.path,
): ValidationError {
  const problem: CarriedProblem = { code, data };
  return context.createError({ path, message: code, params: { problem } });
}
