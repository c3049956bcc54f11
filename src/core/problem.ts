import type { Nothing } from './codes/problems/problemData';
import type { ProblemCode, ProblemCodes } from './codes/problems/problemCodes';

/** One thing that is wrong with an input, told by code so that words live in the interface. */
export interface Problem<Code extends ProblemCode = ProblemCode> {
  readonly code: Code;
  /** Where it is, as a path into the input, e.g. `measure.parts[0].depth`; empty for the whole. */
  readonly field: string;
  /** The offending value as it came in. */
  readonly value: unknown;
  readonly data: ProblemCodes[Code];
}

/** Data and place of a problem; the data may be left out where a code needs none. */
export type About<Code extends ProblemCode> = Nothing extends ProblemCodes[Code]
  ? readonly [data?: ProblemCodes[Code], field?: string]
  : readonly [data: ProblemCodes[Code], field?: string];

/** The one error that core functions throw. */
export class InputError<Code extends ProblemCode = ProblemCode>
  extends Error
  implements Problem<Code>
{
  readonly code: Code;
  readonly field: string;
  readonly value: unknown;
  readonly data: ProblemCodes[Code];

  constructor(code: Code, value: unknown, ...[data, field = '']: About<Code>) {
    super(field === '' ? code : `${code} in ${field}`);
    this.name = 'InputError';
    this.code = code;
    this.field = field;
    this.value = value;
    // Left out only where the type of the code's data is met by nothing, as `About` says.
    this.data = data ?? ({} as ProblemCodes[Code]);
  }

  /** A problem that was found, as an error. */
  static of<Code extends ProblemCode>({ code, value, data, field }: Problem<Code>): InputError {
    return new InputError<ProblemCode>(code, value, data, field);
  }

  /** The same problem, told at the place that it has in a larger input. */
  at(field: string): InputError {
    return InputError.of({ ...this.asProblem(), field });
  }

  /** As plain data: an error does not survive the way from one thread to another. */
  asProblem(): Problem<Code> {
    const { code, field, value, data } = this;
    return { code, field, value, data };
  }
}

/** Whether a problem is of this code; its data is then known. */
export const isOfCode = <Code extends ProblemCode>(
  problem: Problem | undefined,
  ...codes: readonly Code[]
): problem is Problem<Code> => codes.some((code) => code === problem?.code);
