import type { Job } from '../core/job/jobSchema';
import type { Clearing } from '../core/plan/clearing';
import type { HeatAdvice } from '../core/plan/heat/adviseHeat';
import type { JobBucket } from '../core/plan/heat/bucketOf';
import type { CardCalibration } from '../core/plan/heat/calibrationOf';
import type { Resin } from '../core/resin/resinSchema';
import type { HeatPlan, NoHeat } from '../core/plan/heat/heatOfPlan';
import type { HeatView } from '../core/plan/heat/heatView';
import type { RoomDepths } from '../core/plan/heat/roomDepth';
import type { WarmEnough } from '../core/plan/heat/warmEnough';
import type { Plan, Shelf } from '../core/plan/planTypes';
import type { Told } from './told';

/** What the heat of a job is asked with. */
export interface HeatRequest {
  readonly job: Job;
  readonly plan: Plan;
  /** The pour that is asked about, counted from 0. */
  readonly pour: number;
  /** Without photos: nothing here looks at them. */
  readonly shelf: Shelf;
}

/** A run and how it is drawn, or why there is none. */
export type HeatAnswer = { readonly plan: HeatPlan; readonly view: HeatView } | NoHeat;

/** What is worked out after the first figures are on the screen. */
export interface HeatMore {
  readonly plan: HeatPlan;
  readonly advice: readonly HeatAdvice[];
  readonly depths: RoomDepths;
  readonly bucket: JobBucket | undefined;
  /** What would do where the pour's own room never gets it hard; undefined where it does. */
  readonly warmEnough: WarmEnough | undefined;
}

/** The heat model, over the thread's border. */
export interface HeatWorker {
  readonly follow: (request: HeatRequest) => Promise<Told<HeatAnswer>>;
  /** Piece by piece, in the order in which they are wanted; each is told as soon as it is there. */
  readonly more: (
    request: HeatRequest,
    tell: (part: Partial<HeatMore>) => void,
  ) => Promise<Told<undefined>>;
  /** What would clear more bubbles of a pour. */
  readonly clearing: (request: HeatRequest) => Promise<Told<readonly Clearing[]>>;
  /** What the model makes of each card's label, with each of its hardeners. */
  readonly calibrate: (cards: readonly Resin[]) => Promise<CardCalibration[][]>;
}
