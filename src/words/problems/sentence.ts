/** One sentence or two for every code of a room: what is wrong, then what would be right. One that is missing does not compile. */
export type ProblemSentences<Codes> = {
  readonly [Code in keyof Codes]: (data: Codes[Code], value: unknown) => string;
};
