import type { TypedMouldBox } from '../mouldBox/mouldBoxSchema';
import type { Job, Measure, Pour } from './jobSchema';

/**
 * One pour with what it takes from its job: what the pour says itself stands over what the job says for all.
 * Planning, choosing and heat work on this.
 */
export interface JobPour extends Omit<Pour, 'room' | 'measure'> {
  readonly room: Job['room'];
  readonly scaleStep: Job['scaleStep'];
  /** What it is measured from: parts of its own, or the job's form. */
  readonly measure: Measure | undefined;
  /** The mould that an earlier pour of the job makes for it, with what that was cast at; undefined where none does. */
  readonly mouldBefore?: MouldBefore | undefined;
}

/** A mould that the same job makes. */
export interface MouldBefore {
  /** What it was cast at, over the air. */
  readonly gauge: string | undefined;
  /** The box that it was poured in, where it is one round what is cast. */
  readonly box: TypedMouldBox | undefined;
  /** Pieces that it is poured round: what comes out of it at once. */
  readonly pieces: number;
}

/** The pour of a job, counted from 0. */
export function jobPour(job: Job, index: number): JobPour {
  const pour = job.pours[index];
  if (pour === undefined) throw new RangeError(`there is no pour ${index}`);
  const ownContainers = pour.container !== undefined || pour.containers !== undefined;
  return {
    ...pour,
    room: pour.room ?? job.room,
    heat: heatOf(job, pour),
    container: ownContainers ? pour.container : job.container,
    containers: ownContainers ? pour.containers : job.containers,
    scaleStep: job.scaleStep,
    measure: pour.measure ?? job.measure,
    mouldBefore: mouldBefore(job, index),
  };
}

function mouldBefore({ pours, measure }: Job, index: number): JobPour['mouldBefore'] {
  if (pours[index]?.role !== 'castings') return undefined;
  // A box is only put round what a mould is.
  const isMould = ({ role, mouldBox }: Pour): boolean => role === 'mould' || mouldBox !== undefined;
  const mould = pours.slice(0, index).find(isMould);
  if (mould === undefined) return undefined;
  const { parts } = mould.measure ?? measure ?? { parts: [] };
  return {
    gauge: mould.pressure?.gauge,
    box: mould.mouldBox,
    pieces: parts.reduce((sum, { count }) => sum + count, 0),
  };
}

/** As a whole: a setting that a pour with its own air and form leaves out is as usual, so that a fan can be taken away too. */
function heatOf(job: Job, pour: Pour): Job['heat'] {
  if (pour.heat !== undefined) return pour.heat;
  // The day of the job's room says nothing about another room.
  return job.heat && pour.room !== undefined ? { ...job.heat, day: undefined } : job.heat;
}

/** Keys that a pour may leave to its job. */
const shared = ['measure', 'room', 'heat', 'container', 'containers'] as const;

/**
 * Where a figure of a pour stands in the job: with the job where the pour does not say it itself.
 * @param field path into a `JobPour`
 */
export function fieldInJob(pour: Pour, index: number, field: string): string {
  const [key = ''] = field.split(/[.[]/, 1);
  const ofJob =
    key === 'scaleStep' ||
    key === 'leftoverMoulds' ||
    shared.some((each) => each === key && pour[each] === undefined);
  if (ofJob) return field;
  return field === '' ? `pours[${index}]` : `pours[${index}].${field}`;
}
