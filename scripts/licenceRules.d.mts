export const explained: Readonly<Record<string, string>>;
export function licenceProblem(name: string, licence: string): string | undefined;
export function problemsOfLock(lock: {
  readonly packages: Readonly<
    Record<string, { readonly dev?: boolean; readonly license?: string }>
  >;
}): readonly string[];
