import type { TestContext, ValidationError } from 'yup';
import type { ProblemCode, ProblemCodes } from '../codes/problems/problemCodes';
import type { About } from '../problem';

/** What our own tests hand to Yup: a code and its data, taken out again by `check`. */
export interface CarriedProblem<Code extends ProblemCode = ProblemCode> {
  readonly code: Code;
  readonly data: ProblemCodes[Code];
}

/** A Yup error that carries a problem's code and data instead of a sentence. */
export function refusal<Code extends ProblemCode>(
  context: TestContext,
  code: Code,
  ...[data, path = context.path]: About<Code>
): ValidationError {
  const problem = { code, data: data ?? {} };
  return context.createError({ path, message: code, params: { problem } });
}
