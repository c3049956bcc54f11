/** What a test runner left as JSON. */
type Report = Readonly<Record<string, unknown>>;

export function readReport(path: string): Report | undefined;
export function countOf(report: Report): { readonly passed: number; readonly failed: number };
export function slowestFiles(
  reports: readonly Report[],
  most: number,
  root: string,
): readonly (readonly [file: string, seconds: number])[];
