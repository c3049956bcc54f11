import { existsSync, readFileSync } from 'node:fs';
import { dirname, isAbsolute, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { asVersion1, isVersion1, readJob } from '../src/core/job/readJob';
import { attachFiles, type FileSource } from '../src/core/measure/files/attachFiles';
import { within } from '../src/core/measure/within';
import { clearingOf } from '../src/core/plan/clearing';
import { correctBatch } from '../src/core/plan/correctBatch';
import { wholeHeat } from '../src/core/plan/heat/wholeHeat';
import { planResolved } from '../src/core/plan/planJob';
import { printedPlan } from '../src/core/plan/printedPlan';
import { InputError } from '../src/core/problem';
import { runSection } from '../src/core/production/runSection';
import { readQuantity } from '../src/core/quantity/readQuantity';
import { massRule } from '../src/core/quantity/rules';
import { jsonOf } from '../src/core/schema/jsonText';
import { localDay } from '../src/core/localDay';
import { daysArguments, daysOptions, printedDays, type DaysArguments } from './days';
import { report, textOf } from './report';
import { resolveJob, type ResolvedJob } from '../src/core/job/resolveJob';
import type { Plan } from '../src/core/plan/planTypes';

/** Files that a job names: beside the job file, or in the folder that the command runs in. */
function filesBeside(jobPath: string): FileSource {
  const folders = jobPath === '-' ? ['.'] : [dirname(jobPath), '.'];
  const bytes = (path: string): Uint8Array => {
    const found = (isAbsolute(path) ? [path] : folders.map((folder) => resolve(folder, path))).find(
      existsSync,
    );
    try {
      if (found !== undefined) return readFileSync(found);
    } catch {
      // A folder, or a file that this person may not read.
    }
    throw new InputError('no-file', path);
  };
  return { bytes, text: (path) => new TextDecoder().decode(bytes(path)) };
}

interface Arguments {
  readonly path: string | undefined;
  /** What the scale says of the first batch, as typed. */
  readonly pouredA: string | undefined;
  readonly pouredB: string | undefined;
  /** Whether the heat of the cure is worked out too. */
  readonly heat: boolean;
  /** When it begins or is due, and whose hours count; undefined where nobody asks for days. */
  readonly days: DaysArguments | undefined;
}

/** @throws InputError `unknown-option` */
function readArguments(): Arguments {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: {
        'poured-a': { type: 'string' },
        'poured-b': { type: 'string' },
        heat: { type: 'boolean' },
        ...daysOptions,
      },
    });
    const [path] = positionals;
    return {
      path,
      pouredA: values['poured-a'],
      pouredB: values['poured-b'],
      heat: values.heat ?? false,
      days: daysArguments(values),
    };
  } catch (error) {
    if (error instanceof InputError) throw error;
    throw new InputError('unknown-option', error instanceof Error ? error.message : '');
  }
}

const massOf = (field: string, typed: string | undefined): number | undefined =>
  typed === undefined ? undefined : within(field, () => readQuantity(typed, massRule).value);

/** The heat of each pour by itself, and with each layer what becomes of it. */
function heatOfPours(resolved: ResolvedJob, plan: Plan): readonly object[] {
  return plan.pours.map(({ layers }, index) => {
    const heat = wholeHeat(resolved, plan, index);
    return {
      layers: layers.map((layer, at) => (heat.told ? { ...layer, heat: heat.layers[at] } : layer)),
      heat,
    };
  });
}

/** What of a pour is kept beside its plan: a run in its order, and for what is to be seen in it what would clear more bubbles. */
const besidePlan = (
  resolved: ResolvedJob,
  plan: Plan,
  heat: readonly object[],
): readonly object[] =>
  plan.pours.map(({ flow }, index) => {
    const run = runSection(resolved, plan, index);
    const inclusions = (flow?.inclusions.length ?? 0) === 0 ? undefined : flow;
    return {
      ...heat[index],
      ...(run === undefined ? {} : { run }),
      ...(inclusions === undefined
        ? {}
        : { inclusions: { ...inclusions, clearing: clearingOf(resolved, plan, index) } }),
    };
  });

/** Plans a job file and prints the plan as JSON. */
report(() => {
  const { path, pouredA, pouredB, heat, days } = readArguments();
  const source = filesBeside(path ?? '-');
  const value = jsonOf(textOf(path));
  const work = (): object => {
    const resolved = resolveJob(attachFiles(readJob(value), source), undefined);
    const plan = planResolved(resolved, undefined, localDay(new Date()));
    const poured = { aG: massOf('poured-a', pouredA), bG: massOf('poured-b', pouredB) };
    const asked = pouredA !== undefined || pouredB !== undefined;
    const [first] = plan.pours;
    return {
      ...printedPlan(plan, besidePlan(resolved, plan, heat ? heatOfPours(resolved, plan) : [])),
      ...(asked && first !== undefined
        ? { correction: correctBatch(first, undefined, poured) }
        : {}),
      ...(days === undefined ? {} : printedDays(resolved, plan, days)),
    };
  };
  // Problems are told by their place in the file as it came.
  return isVersion1(value) ? asVersion1(work) : work();
});
