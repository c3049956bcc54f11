import type { Job } from '../job/jobSchema';
import { resolveJob } from '../job/resolveJob';
import { knotsOfSlabs } from '../measure/form/knots';
import type { Measured } from '../measure/measured';
import type { MouldMaterial } from '../measure/mould/materials';
import type { Mould, MouldCavity } from '../measure/mould/mouldSchema';
import { measurePart } from '../measure/parts/measurePart';
import type { Part } from '../measure/parts/partSchema';
import { within } from '../measure/within';
import type { Shelf } from './planTypes';
import { readingOf } from './readingOf';

/** A mould made of measurements; what it is made of is often still to be said. */
export type MeasuredMould = Omit<Mould, 'material'> & {
  readonly material: MouldMaterial | undefined;
};

/** To five figures: finer than any measure, short enough to read. */
const sayMl = (ml: number): string => `${Number(ml.toPrecision(5))} ml`;

function cavityOf({ name, count }: Part, { solid, doubt }: Measured): MouldCavity {
  const { depthMm } = solid;
  return {
    ...(name === undefined ? {} : { name }),
    volume: sayMl(solid.volumeMl),
    ...(doubt.plusMinusMl > 0
      ? { plusMinus: `${Number(doubt.plusMinusMl.toPrecision(2))} ml` }
      : {}),
    ...(depthMm === undefined
      ? {}
      : { depth: `${Number(depthMm.toPrecision(5))} mm`, ...knotsOfSlabs(solid.slabs) }),
    ...(count > 1 ? { count } : {}),
  };
}

/**
 * A mould of what a job measures: each part a cavity with its volume, ±, depth, V(h) and how many of it there are.
 * Inserts belong to the job and not to the mould.
 * @param only the part to keep, counted from 0; all of them without it
 * @throws InputError those of `measurePart`
 */
export function mouldOfJob(job: Job, shelf: Shelf, only?: number): MeasuredMould {
  const { job: found, pours } = resolveJob(job, shelf);
  const [first] = pours;
  if (first === undefined) throw new RangeError('a job has a pour');
  const reading = readingOf(first.said, first.resin);
  const kept = (found.measure?.parts ?? [])
    .map((part, index) => ({ part, index }))
    .filter(({ index }) => only === undefined || index === only);
  const [single] = kept;
  return {
    name: (kept.length === 1 ? single?.part.name : undefined) ?? job.name,
    material: kept
      .map(({ part }) => ('material' in part ? part.material : undefined))
      .find((material) => material !== undefined),
    cavities: kept.map(({ part, index }) =>
      within(`measure.parts[${index}]`, () => cavityOf(part, measurePart(part, reading))),
    ),
  };
}
