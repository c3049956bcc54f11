import { existsSync, readFileSync } from 'node:fs';
import { dirname, isAbsolute, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { readJob } from '../src/core/job';
import { attachFiles, type FileSource } from '../src/core/measure/files/attachFiles';
import { within } from '../src/core/measure/within';
import { correctBatch } from '../src/core/plan/correctBatch';
import { planJob } from '../src/core/plan/planJob';
import { InputError } from '../src/core/problem';
import { readQuantity } from '../src/core/quantity/readQuantity';
import { massRule } from '../src/core/quantity/rules';
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

interface Arguments {
  readonly path: string | undefined;
  /** What the scale says of the first batch, as typed. */
  readonly pouredA: string | undefined;
  readonly pouredB: string | undefined;
}

/** @throws InputError `unknown-option` */
function readArguments(): Arguments {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: { 'poured-a': { type: 'string' }, 'poured-b': { type: 'string' } },
    });
    const [path] = positionals;
    return { path, pouredA: values['poured-a'], pouredB: values['poured-b'] };
  } catch (error) {
    throw new InputError('unknown-option', error instanceof Error ? error.message : '');
  }
}

const massOf = (field: string, typed: string | undefined): number | undefined =>
  typed === undefined ? undefined : within(field, () => readQuantity(typed, massRule).value);

/** Plans a job file and prints the plan as JSON; a problem goes to standard error as JSON, exit 1. */
try {
  const { path, pouredA, pouredB } = readArguments();
  const job = readJob(jsonOf(textOf(path)));
  const today = new Date().toISOString().slice(0, 10);
  const plan = planJob(attachFiles(job, filesBeside(path ?? '-')), undefined, today);
  const poured = { aG: massOf('poured-a', pouredA), bG: massOf('poured-b', pouredB) };
  const asked = pouredA !== undefined || pouredB !== undefined;
  const correction = asked ? { correction: correctBatch(plan, 0, poured) } : {};
  process.stdout.write(`${JSON.stringify({ ...plan, ...correction }, null, 2)}\n`);
} catch (error) {
  if (!(error instanceof InputError)) throw error;
  const { code, field } = error;
  const message = sayProblem(error);
  process.stderr.write(`${JSON.stringify({ error: { code, field, message } })}\n`);
  process.exitCode = 1;
}
