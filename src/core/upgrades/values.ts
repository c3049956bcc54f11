/** What came from outside and is not checked yet. */
export type Values = Readonly<Record<string, unknown>>;

export const isObject = (value: unknown): value is Values =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
