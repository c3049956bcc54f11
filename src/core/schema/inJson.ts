/** What a published JSON Schema says of something that Yup can only test: kept with the schema itself, so that both stay one. */
export const inJson = (json: Readonly<Record<string, unknown>>) => ({ json }) as const;

/** A name under which a published JSON Schema says it once and refers to it from elsewhere. */
export const definedAs = (definition: string, json: Readonly<Record<string, unknown>> = {}) =>
  ({ definition, json }) as const;
