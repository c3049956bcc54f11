import { jobPour } from '../job/jobPour';
import type { Job, Measure, Pour } from '../job/jobSchema';
import { InputError } from '../problem';
import { readResin } from '../resin/readResin';
import { withHardener } from '../resin/withHardener';
import { isWholeMould, runShape, type RunShape } from './runShape';

/** The one mould that a run goes round with, where its pour has one. @throws InputError `run-needs-one-mould` */
function mouldOf(job: Job, pour: Pour): Measure {
  const measure = pour.measure ?? (job.pours.length === 1 ? job.measure : undefined);
  if (measure === undefined || measure.parts.length !== 1) {
    throw new InputError(
      'run-needs-one-mould',
      undefined,
      { parts: measure?.parts.length ?? 0 },
      'run',
    );
  }
  return measure;
}

/**
 * The shape of a pour's run; undefined where it is none.
 * @param job its cards found
 * @throws InputError those of `runShape`, `run-needs-one-mould`, `no-such-hardener`; told from the pour
 */
export function runShapeOf(job: Job, index: number): RunShape | undefined {
  const pour = job.pours[index]!;
  const { run } = pour;
  if (run === undefined) return undefined;
  const [part] = mouldOf(job, pour).parts;
  const card = withHardener(pour.resin, pour.hardener);
  return runShape(run, part!, jobPour(job, index), card, readResin(card));
}

/**
 * A job whose runs say how often each mould is filled and from how many mixes, so that amounts, buying and wear are those of the run.
 * @throws InputError those of `runShapeOf`, told from the pour
 */
export function withRun(job: Job, index: number): Job {
  const shape = runShapeOf(job, index);
  if (shape === undefined) return job;
  const pour = job.pours[index]!;
  const measure = mouldOf(job, pour);
  const { fills } = shape.rhythm;
  const parts = measure.parts.map((part) => ({
    ...part,
    count: isWholeMould(part) ? fills : fills * shape.cavities,
  }));
  const counted: Pour = { ...pour, batches: shape.mixes };
  return {
    ...job,
    ...(pour.measure === undefined ? { measure: { ...measure, parts } } : {}),
    pours: job.pours.map((each, at) =>
      at !== index
        ? each
        : pour.measure === undefined
          ? counted
          : { ...counted, measure: { ...measure, parts } },
    ),
  };
}
