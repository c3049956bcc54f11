import { existsSync, readFileSync } from 'node:fs';
import { dirname, isAbsolute, resolve } from 'node:path';
import { readJob } from '../src/core/job';
import { attachFiles, type FileSource } from '../src/core/measure/files/attachFiles';
import { planJob } from '../src/core/plan/planJob';
import { InputError } from '../src/core/problem';
import { jsonOf } from '../src/core/schema/jsonText';
import { sayProblem } from '../src/words/problems';

function textOf(path: string | undefined): string {
  if (path === undefined) throw new InputError('no-argument', path);
  try {
    return readFileSync(path === '-' ? 0 : path, 'utf8');
  } catch {
    throw new InputError('no-file', path);
  }
}

/** Files that a job names: beside the job file, or in the folder that the command runs in. */
function filesBeside(jobPath: string): FileSource {
  const folders = jobPath === '-' ? ['.'] : [dirname(jobPath), '.'];
  const bytes = (path: string): Uint8Array => {
    const found = (isAbsolute(path) ? [path] : folders.map((folder) => resolve(folder, path))).find(
      existsSync,
    );
    if (found === undefined) throw new InputError('no-file', path);
    return readFileSync(found);
  };
  return { bytes, text: (path) => new TextDecoder().decode(bytes(path)) };
}

/** Plans a job file and prints the plan as JSON; a problem goes to standard error as JSON, exit 1. */
try {
  const [, , path] = process.argv;
  const job = readJob(jsonOf(textOf(path)));
  const plan = planJob(attachFiles(job, filesBeside(path ?? '-')));
  process.stdout.write(`${JSON.stringify(plan, null, 2)}\n`);
} catch (error) {
  if (!(error instanceof InputError)) throw error;
  const { code, field } = error;
  const message = sayProblem(error);
  process.stderr.write(`${JSON.stringify({ error: { code, field, message } })}\n`);
  process.exitCode = 1;
}
