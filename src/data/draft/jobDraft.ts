import { jobVersion, type Job } from '../../core/job';
import type { OverageKind } from '../../core/measure/allowances/overage';
import type { soakSurfaces } from '../../core/measure/allowances/allowancesSchema';
import type { Resin } from '../../core/resin/resinSchema';
import { emptyPart, type PartDraft } from './partDraft';

interface Switchable {
  off?: boolean | undefined;
}

/** Allowances while they are being typed; see `allowancesSchema`. */
export interface AllowancesDraft {
  seepage?: ({ area: string; gap: string } & Switchable) | undefined;
  soak?:
    | ({
        area: string;
        surface: (typeof soakSurfaces)[number];
        rate?: string | undefined;
      } & Switchable)
    | undefined;
  runOff?: ({ share: string } & Switchable) | undefined;
  residue?:
    ({ perBatch?: string | undefined; twoCups?: boolean | undefined } & Switchable) | undefined;
  shrinkage?: ({ share: string } & Switchable) | undefined;
  planing?: ({ top?: string | undefined; bottom?: string | undefined } & Switchable) | undefined;
}

/** A job while it is being typed: the keys of `Job`, its figures possibly not right yet. */
export interface JobDraft extends Pick<Job, 'format' | 'version' | 'name' | 'room'> {
  measure: { parts: PartDraft[]; inserts?: PartDraft[] | undefined; readTo?: string | undefined };
  kind?: OverageKind | undefined;
  /** Empty where it goes with the kind of job. */
  overage?: string | undefined;
  allowances?: AllowancesDraft | undefined;
  resin?: Resin;
  layers?: { heights: string[] } | undefined;
  container?: { capacity: string; fill: string } | undefined;
  scale?: { step: string };
}

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
