import { readFileSync } from 'node:fs';
import { readJob } from '../src/core/job';
import { planJob } from '../src/core/plan/planJob';
import { InputError } from '../src/core/problem';
import { sayProblem } from '../src/words/problems';

function textOf(path: string | undefined): string {
  if (path === undefined) throw new InputError('no-argument', path);
  try {
    return readFileSync(path === '-' ? 0 : path, 'utf8');
  } catch {
    throw new InputError('no-file', path);
  }
}

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    throw new InputError('not-json', text.slice(0, 40));
  }
}

/** Plans a job file and prints the plan as JSON; a problem goes to standard error as JSON, exit 1. */
try {
  const plan = planJob(readJob(jsonOf(textOf(process.argv[2]))));
  process.stdout.write(`${JSON.stringify(plan, null, 2)}\n`);
} catch (error) {
  if (!(error instanceof InputError)) throw error;
  const { code, field } = error;
  const message = sayProblem(error);
  process.stderr.write(`${JSON.stringify({ error: { code, field, message } })}\n`);
  process.exitCode = 1;
}
