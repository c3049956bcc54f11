/** Figures and words that belong to a problem, for whoever puts it into a sentence. */
export type ProblemData = Readonly<
  Record<string, string | number | boolean | readonly string[] | undefined>
>;

/** One thing that is wrong with an input, told by code so that words live in the interface. */
export interface Problem {
  readonly code: string;
  /** Where it is, as a path into the input, e.g. `measure.parts[0].depth`; empty for the whole. */
  readonly field: string;
  /** The offending value as it came in. */
  readonly value: unknown;
  readonly data: ProblemData;
}

/** The one error that core functions throw. */
export class InputError extends Error implements Problem {
  readonly code: string;
  readonly field: string;
  readonly value: unknown;
  readonly data: ProblemData;

  constructor(code: string, value: unknown, data: ProblemData = {}, field = '') {
    super(field === '' ? code : `${code} in ${field}`);
    this.name = 'InputError';
    this.code = code;
    this.field = field;
    this.value = value;
    this.data = data;
  }
}
