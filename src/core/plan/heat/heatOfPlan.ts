import type { Job } from '../../job';
import type { ProblemData } from '../../problem';
import { memory } from '../../memory';
import { within } from '../../measure/within';
import { readResin, type ReadResin } from '../../resin/readResin';
import { withHardener } from '../../resin/withHardener';
import { formMarginK } from '../../thermal/bands';
import { curingOf, type Calibration } from '../../thermal/calibrate';
import { cureMarks, type CureMarks } from '../../thermal/cureMarks';
import type { Curing } from '../../thermal/curing';
import { familyOf, hasHeat, type HeatFamily, type ResinFamily } from '../../resin/families';
import { fineGrid, quickGrid, type HeatGrid } from '../../thermal/pourSetting';
import { edgesOf, predictPour, type LayerHeat, type PourHeat } from '../../thermal/predict';
import { withCards } from '../fromShelf';
import type { Plan, Shelf } from '../planTypes';
import { calibrationOf } from './calibrationOf';
import { heatSettingOf, type JobSetting } from './heatSetting';

/** Why there is nothing to tell of the heat. */
export interface NoHeat {
  readonly told: false;
  readonly code: 'family-without-heat' | 'no-depth';
  readonly data: ProblemData;
}

/** A layer's heat, and whether its peak falls into the night. */
export interface PlannedHeat extends LayerHeat {
  /** When it is poured, after the first, h. */
  readonly pouredH: number;
  /** Time of day of its peak, minutes after midnight; undefined where nobody said when it is poured. */
  readonly peakAtMin: number | undefined;
  readonly asleep: boolean | undefined;
  /** The label's time of demoulding is later than the model's, and stands. */
  readonly demouldByLabel: boolean;
  /** What the form bears, where the peak comes within 10 K of it, °C. */
  readonly formBearsC: number | undefined;
}

/** A job's pour with its resin made to do what its label says: all that the heat is worked out from. */
export interface HeatCaseOfJob extends JobSetting {
  readonly told: true;
  readonly family: HeatFamily;
  readonly calibration: Calibration;
  readonly curing: Curing;
  readonly marks: CureMarks;
  /** The label's time of demoulding where the model is known to be early, h. */
  readonly leastDemouldH: number | undefined;
}

/** The heat of a job, as a plan tells it. */
export interface HeatPlan {
  readonly told: true;
  readonly family: HeatFamily;
  readonly calibration: Calibration;
  readonly marks: CureMarks;
  readonly part: number;
  readonly form: JobSetting['form'];
  readonly assumed: JobSetting['assumed'];
  readonly layers: readonly PlannedHeat[];
}

/** People sleep from ten to seven. */
const nightFromMin = 22 * 60;
const nightToMin = 7 * 60;
const dayMin = 24 * 60;

/** Marks read off a label so far: four runs each. */
const marksMade = memory<CureMarks>(500);

const marksOf = (family: HeatFamily, curing: Curing, { times }: ReadResin): CureMarks =>
  marksMade(JSON.stringify([family, curing, times]), () => cureMarks(family, curing, times));

/**
 * What the heat of a job is worked out from.
 * @param plan of the same job
 * @throws InputError those of `heatSettingOf` and `calibrationOf`
 */
export function heatCaseOfJob(
  job: Job,
  plan: Pick<Plan, 'layers' | 'parts'>,
  shelf?: Shelf,
): HeatCaseOfJob | NoHeat {
  const found = withCards(job, shelf);
  const card = withHardener(found.resin, job.hardener);
  const family: ResinFamily = card.family;
  if (!hasHeat(family)) return { told: false, code: 'family-without-heat', data: { family } };
  const place = heatSettingOf(job, found.measure.parts, plan);
  if (place === undefined) return { told: false, code: 'no-depth', data: {} };
  const resin = readResin(card);
  const calibration = within('resin', () => calibrationOf(family, resin, shelf?.calibrations));
  const curing = curingOf(family, calibration);
  const marks = marksOf(family, curing, resin);
  // Thick slow polyurethane comes out of its mould earlier in the model than labels allow.
  const labelMin = resin.times.demould?.timeMin;
  const leastDemouldH =
    familyOf(family).labelDemoulds && labelMin !== undefined ? labelMin / 60 : undefined;
  return { told: true, ...place, family, calibration, curing, marks, leastDemouldH };
}

/** A column is quick however fine; a cross-section is not. */
const gridFor = ({ setting }: HeatCaseOfJob): HeatGrid =>
  setting.shape.kind === 'slab' ? fineGrid : quickGrid;

function withClock(given: HeatCaseOfJob, layer: LayerHeat, at: number): PlannedHeat {
  const pouredS = given.setting.layers[at]!.pouredS;
  const { pouredAtMin, formBearsC, leastDemouldH = 0 } = given;
  const demouldByLabel = layer.demouldH !== undefined && leastDemouldH > layer.demouldH;
  const peakAtMin =
    pouredAtMin === undefined || layer.peakH === undefined
      ? undefined
      : (pouredAtMin + pouredS / 60 + layer.peakH * 60) % dayMin;
  return {
    ...layer,
    demouldH: demouldByLabel ? leastDemouldH : layer.demouldH,
    demouldByLabel,
    pouredH: pouredS / 3600,
    formBearsC:
      formBearsC !== undefined && layer.peakC.mid > formBearsC - formMarginK
        ? formBearsC
        : undefined,
    peakAtMin,
    asleep:
      peakAtMin === undefined ? undefined : peakAtMin >= nightFromMin || peakAtMin < nightToMin,
  };
}

/** A pour followed, and its layers as a plan tells them. */
export interface FollowedHeat {
  readonly plan: HeatPlan;
  readonly followed: PourHeat;
}

/**
 * Follows a job's pour.
 * @param options.edges the edge test: six runs more
 * @throws InputError `heat-lost-itself`
 */
export function followJob(
  given: HeatCaseOfJob,
  options: { readonly edges: boolean },
): FollowedHeat {
  const { setting, family, curing, calibration, marks, part, form, assumed } = given;
  const edges = options.edges ? edgesOf(setting, curing) : undefined;
  const grid = gridFor(given);
  const followed = predictPour(setting, family, curing, marks, grid, edges);
  const layers = followed.layers.map((layer, at) => withClock(given, layer, at));
  return {
    plan: { told: true, family, calibration, marks, part, form, assumed, layers },
    followed,
  };
}

/**
 * The heat of a job with its ranges, as the command prints it.
 * @throws InputError those of `heatCaseOfJob` and `followJob`
 */
export function heatOfPlan(job: Job, plan: Plan, shelf?: Shelf): HeatPlan | NoHeat {
  const given = heatCaseOfJob(job, plan, shelf);
  return given.told ? followJob(given, { edges: true }).plan : given;
}
