/** One of several codes with the data that belongs to it. `Codes` names each code and its data. */
export type Coded<Codes, Code extends keyof Codes = keyof Codes> = {
  [C in Code]: { readonly code: C; readonly data: Codes[C] };
}[Code];

/** A sentence for every code: one that is missing does not compile. */
export type Sentences<Codes> = { readonly [C in keyof Codes]: (data: Codes[C]) => string };

/** The sentence of a code, with its data. */
export const sayCoded = <Codes, Code extends keyof Codes>(
  sentences: Sentences<Codes>,
  { code, data }: { readonly code: Code; readonly data: Codes[Code] },
): string => sentences[code](data);

/** How much something matters: to know, or to act on. */
export type Severity = 'tell' | 'warn';
