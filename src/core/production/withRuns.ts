import { castInBoxOf } from '../mouldBox/castIn';
import { jobPour } from '../job/jobPour';
import type { Job, Measure, Pour } from '../job/jobSchema';
import { InputError } from '../problem';
import { readResin } from '../resin/readResin';
import { withHardener } from '../resin/withHardener';
import { slowedBy, thinnessOf } from './thinCasting';
import { isWholeMould, runShape, type RunShape } from './runShape';

/** The one mould that a run goes round with, where its pour has one. @throws InputError `run-needs-one-mould` */
function mouldOf(job: Job, index: number): Measure {
  const pour = job.pours[index]!;
  const isOwn = job.pours.length === 1 || castInBoxOf(jobPour(job, index)) !== undefined;
  const measure = pour.measure ?? (isOwn ? job.measure : undefined);
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
  const [part] = mouldOf(job, index).parts;
  const card = withHardener(pour.resin, pour.hardener);
  const said = jobPour(job, index);
  const resin = slowedBy(readResin(card), thinnessOf(said, card.family));
  return runShape(run, part!, said, card, resin);
}

/**
 * A job whose runs say how often each mould is filled and from how many mixes, so that amounts, buying and wear are those of the run.
 * @throws InputError those of `runShapeOf`, told from the pour
 */
export function withRun(job: Job, index: number): Job {
  const shape = runShapeOf(job, index);
  if (shape === undefined) return job;
  const pour = job.pours[index]!;
  const measure = mouldOf(job, index);
  // What a mould is poured round stays as it is: the castings have a measure of their own.
  const isOfJob = pour.measure === undefined && castInBoxOf(jobPour(job, index)) === undefined;
  const { fills } = shape.rhythm;
  const parts = measure.parts.map((part) => ({
    ...part,
    count: isWholeMould(part) ? fills : fills * shape.cavities,
  }));
  const counted: Pour = { ...pour, batches: shape.mixes };
  return {
    ...job,
    ...(isOfJob ? { measure: { ...measure, parts } } : {}),
    pours: job.pours.map((each, at) =>
      at !== index ? each : isOfJob ? counted : { ...counted, measure: { ...measure, parts } },
    ),
  };
}
