import { readFileSync } from 'node:fs';
import { InputError } from '../src/core/problem';
import { sayProblem } from '../src/words/problems';

/**
 * Text of a file, or of the standard input for `-`.
 * @throws InputError `no-argument`, `no-file`
 */
export function textOf(path: string | undefined): string {
  if (path === undefined) throw new InputError('no-argument', path);
  try {
    return readFileSync(path === '-' ? 0 : path, 'utf8');
  } catch {
    throw new InputError('no-file', path);
  }
}

/** Prints what a command came to as JSON; a problem goes to standard error as JSON, exit 1. */
export function report(work: () => unknown): void {
  try {
    process.stdout.write(`${JSON.stringify(work(), null, 2)}\n`);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const { code, field } = error;
    const message = sayProblem(error);
    process.stderr.write(`${JSON.stringify({ error: { code, field, message } })}\n`);
    process.exitCode = 1;
  }
}
