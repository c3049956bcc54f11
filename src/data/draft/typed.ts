/** What a schema's type is while it is typed: figures may still be texts, and nothing is read-only. */
export type Typed<T> = T extends number
  ? string | number
  : T extends string | boolean | undefined | null
    ? T
    : T extends readonly (infer Item)[]
      ? Typed<Item>[]
      : T extends object
        ? { -readonly [Key in keyof T]: Typed<T[Key]> }
        : T;
