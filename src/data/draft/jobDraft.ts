import { jobVersion, type Job } from '../../core/job';
import type { Part, PartShape } from '../../core/measure/partSchema';
import type { Resin } from '../../core/resin/resinSchema';

type KeyOfAny<U> = U extends U ? keyof U : never;

/**
 * A part while it is being typed: the keys of every shape may be there, so that going from box to
 * cylinder and back loses nothing; the schema of the shape picks its own.
 */
export type PartDraft = { shape: PartShape; count: string | number } & {
  [Key in Exclude<KeyOfAny<Part>, 'shape' | 'count'>]?: string;
};

/** A job while it is being typed: the keys of `Job`, its figures possibly not right yet. */
export interface JobDraft extends Pick<Job, 'format' | 'version' | 'name' | 'room' | 'overage'> {
  measure: { parts: PartDraft[] };
  resin?: Resin;
  layers?: { heights: string[] } | undefined;
  container?: { capacity: string; fill: string } | undefined;
  scale?: { step: string };
}

export const emptyPart = (shape: PartShape): PartDraft => ({ shape, count: '1' });

/** What a job is called until the person calls it something: without a name it would have no amounts. */
export const newJobName = 'New job';

/** A new job: nothing measured, the usual settings filled in where the person sees them. */
export function newJobDraft(resin: Resin | undefined): JobDraft {
  return {
    format: 'nipperkin-job',
    version: jobVersion,
    name: newJobName,
    room: { temperature: '20 °C' },
    measure: { parts: [emptyPart('box')] },
    overage: '10 %',
    ...(resin === undefined ? {} : { resin }),
    container: { capacity: '1 l', fill: '80 %' },
    scale: { step: '1 g' },
  };
}
