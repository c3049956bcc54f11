/** Data of a code that needs none. */
export type Nothing = Readonly<Record<never, never>>;

/** What would have been right instead. */
export type Choices = { readonly choices: readonly string[] };

/** The keys that say the same thing, where only one of them may. */
export type Said = { readonly said: readonly string[] };
