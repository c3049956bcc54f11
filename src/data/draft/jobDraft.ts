import { jobVersion, type Job } from '../../core/job';
import type { OverageKind } from '../../core/measure/allowances/overage';
import type { soakSurfaces } from '../../core/measure/allowances/allowancesSchema';
import type { PigmentKind } from '../../core/colour/pigmentKinds';
import type { Joint, LayerStyle, DepthRule } from '../../core/layers/layersSchema';
import type { Mould } from '../../core/measure/mould/mouldSchema';
import type { ContainerUse, MeasuredBy } from '../../core/mix/mixingSchema';
import type { Resin } from '../../core/resin/resinSchema';
import type { Underside } from '../../core/thermal/heatSchema';
import type { Seal, SolidKind } from '../../core/thermal/solids';
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

/** How the pour is cut, while it is being typed. */
export interface LayersDraft {
  style?: LayerStyle | undefined;
  heights?: string[] | undefined;
  maxDepth?: string | undefined;
  depthBy?: DepthRule | undefined;
  caution?: string | number | undefined;
  lockIn?: string | undefined;
  joint?: Joint | undefined;
}

/** What heat depends on, while it is being typed. */
export interface HeatDraft {
  day?: { lowest: string; highest: string; warmestAt?: string | undefined } | undefined;
  pouredAt?: string | undefined;
  resinTemperature?: string | undefined;
  fan?: string | undefined;
  underside?: Underside | undefined;
  plateTemperature?: string | undefined;
  floor?: { material: SolidKind; thickness: string } | undefined;
  side?: { material: SolidKind; thickness: string } | undefined;
  seal?: Seal | undefined;
  bath?: string | undefined;
}

export interface ContainerDraft {
  name?: string | undefined;
  capacity: string;
  fill?: string | undefined;
  use?: ContainerUse | undefined;
}

export interface MixingDraft {
  by?: MeasuredBy | undefined;
  first?: 'a' | 'b' | undefined;
  cups?: 'one' | 'own' | undefined;
  cupStep?: string | undefined;
  strokeA?: string | undefined;
  strokeB?: string | undefined;
  stir?: string | undefined;
  pourRate?: string | undefined;
}

export interface PigmentDraft {
  name: string;
  kind: PigmentKind;
  share?: string | undefined;
  drops?: string | number | undefined;
  twentyDrops?: string | undefined;
  potBefore?: string | undefined;
  potAfter?: string | undefined;
  testDepth?: string | undefined;
  opaque?: boolean | undefined;
}

export interface PortionDraft {
  name: string;
  cavity?: string | number | undefined;
  layer?: string | number | undefined;
  share?: string | undefined;
  volume?: string | undefined;
  rest?: boolean | undefined;
  pigments?: PigmentDraft[] | undefined;
  swatch?: string | undefined;
}

export interface TintDraft {
  name?: string | undefined;
  kind?: PigmentKind | undefined;
  pigment?: string | undefined;
  share?: string | undefined;
  testDepth?: string | undefined;
  opaque?: boolean | undefined;
  swatch?: string | undefined;
}

/** A job while it is being typed: the keys of `Job`, its figures possibly not right yet. */
export interface JobDraft extends Pick<Job, 'format' | 'version' | 'name' | 'room'> {
  measure: { parts: PartDraft[]; inserts?: PartDraft[] | undefined; readTo?: string | undefined };
  kind?: OverageKind | undefined;
  /** Empty where it goes with the kind of job. */
  overage?: string | undefined;
  allowances?: AllowancesDraft | undefined;
  resin?: Resin;
  hardener?: string | undefined;
  layers?: LayersDraft | undefined;
  heat?: HeatDraft | undefined;
  container?: { capacity: string; fill: string } | undefined;
  containers?: ContainerDraft[] | undefined;
  scaleStep?: string | undefined;
  mixing?: MixingDraft | undefined;
  cupMarks?: { marks: string[]; water: string } | undefined;
  portions?: PortionDraft[] | undefined;
  coloursFrom?: Job['coloursFrom'];
  tint?: TintDraft | undefined;
  leftoverMoulds?: Mould[] | undefined;
  wants?: Job['wants'];
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
    scaleStep: '1 g',
  };
}
