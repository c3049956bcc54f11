import { usualFill } from '../../core/mix/mixingSchema';
import { jobVersion, type Job, type Pour } from '../../core/job/jobSchema';
import type { Mould } from '../../core/measure/mould/mouldSchema';
import type { Resin } from '../../core/resin/resinSchema';
import { emptyPart, type PartDraft } from './partDraft';
import type { Typed } from './typed';

/** What is measured, while it is being typed. */
export interface MeasureDraft {
  parts: PartDraft[];
  inserts?: PartDraft[] | undefined;
  readTo?: string | undefined;
}

/** A pour while it is being typed: the keys of `Pour`, its figures possibly not right yet, its resin possibly not chosen. */
export interface PourDraft extends Typed<Omit<Pour, 'resin' | 'measure'>> {
  resin?: Resin | undefined;
  measure?: MeasureDraft | undefined;
}

/** A job while it is being typed. */
export interface JobDraft extends Typed<Omit<Job, 'measure' | 'pours' | 'leftoverMoulds'>> {
  measure: MeasureDraft;
  leftoverMoulds?: Mould[] | undefined;
  pours: PourDraft[];
}

/** Before there was a container: a common bucket, filled so that it can be stirred. */
export const usualContainer = { capacity: '1 l', fill: `${usualFill.stir * 100} %` };

/** Parts of drafts by their names; they follow from the schema. */
export type LayersDraft = NonNullable<PourDraft['layers']>;
export type AllowancesDraft = NonNullable<PourDraft['allowances']>;
export type MixingDraft = NonNullable<PourDraft['mixing']>;
export type TintDraft = NonNullable<PourDraft['tint']>;
export type PortionDraft = NonNullable<PourDraft['portions']>[number];
export type PigmentDraft = NonNullable<PortionDraft['pigments']>[number];
export type FillerDraft = NonNullable<PourDraft['fillers']>[number];
export type InclusionDraft = NonNullable<PourDraft['inclusions']>[number];
export type HeatDraft = NonNullable<JobDraft['heat']>;
export type ContainerDraft = NonNullable<JobDraft['containers']>[number];

/** What a job is called until the person calls it something: without a name it would have no amounts. */
export const newJobName = 'New job';

/** The first pour of a job, and those that are added: the usual settings filled in where the person sees them. */
export const newPourDraft = (resin: Resin | undefined): PourDraft => ({
  overage: '10 %',
  ...(resin === undefined ? {} : { resin }),
});

/** The room of a new job, where the person has not said how warm theirs is in this season. */
export const usualRoom = '20 °C';

/** A new job: nothing measured, the usual settings filled in where the person sees them. */
export function newJobDraft(resin: Resin | undefined, room = usualRoom): JobDraft {
  return {
    format: 'nipperkin-job',
    version: jobVersion,
    name: newJobName,
    room: { temperature: room },
    measure: { parts: [emptyPart('box')] },
    container: usualContainer,
    scaleStep: '1 g',
    pours: [newPourDraft(resin)],
  };
}
