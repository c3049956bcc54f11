import type { Job } from '../../job/jobSchema';
import { ofPour, resolveJob, type ResolvedPour, type ResolvedJob } from '../../job/resolveJob';
import type { Coded } from '../../codes/coded';
import type { Nothing } from '../../codes/problems/problemData';
import { within } from '../../measure/within';
import { curingOf, type Calibration } from '../../thermal/calibrate';
import type { CureMarks } from '../../thermal/cureMarks';
import { curingOfMember } from '../../thermal/members';
import { marksOf } from './marksOf';
import type { Curing } from '../../thermal/curing';
import { familyOf, hasHeat, type HeatFamily, type ResinFamily } from '../../resin/families';
import type { Candidate } from '../../thermal/fit/fitReadings';
import { fineGrid, quickGrid, type HeatGrid } from '../../thermal/pourSetting';
import { predictPour, type LayerHeat, type PourHeat } from '../../thermal/predict';
import {
  isOnEdge,
  peakRange,
  spreadOf,
  timeRanges,
  type LayerSpread,
  type Range,
  type RangedTime,
  type TimeRange,
} from '../../thermal/spread';
import type { Plan, PourPlan, Shelf } from '../planTypes';
import { dilutedBy } from '../../mix/fillers/dilutedBy';
import type { DaySpan } from '../../person/hoursSchema';
import { isNight } from '../awake';
import { belowPour, type BelowPour } from './belowPour';
import { givesWay } from './formHeat';
import { withBelow } from './heatDepth';
import { pouredForms } from '../pouredForm';
import { calibrationOf, membersOfCard } from './calibrationOf';
import type { LayerCure } from './layerClock';
import { heatSettingOf, type JobSetting } from './heatSetting';
import { dampAirOf, type DampAir } from './roomOf';
import { paced } from './paced';

/** Why there is nothing to tell of the heat. */
export type NoHeat = { readonly told: false } & Coded<{
  'family-without-heat': { readonly family: ResinFamily };
  'no-depth': Nothing;
}>;

/** A layer's heat, and whether its peak falls into the night. */
export interface PlannedHeat extends Omit<LayerHeat, 'peakC'> {
  /** °C; low and high as the middle until they are worked out. */
  readonly peakC: Range;
  /** The peak jumps by more than 15 K when the room is 2 °C warmer, the pour a tenth deeper, or the air stiller. */
  readonly onEdge: boolean;
  /** How far each time may be off, h; undefined until it is worked out. */
  readonly ranges: Readonly<Record<RangedTime, TimeRange>> | undefined;
  /** When it is poured, after the first, h. */
  readonly pouredH: number;
  /** Time of day of its peak, minutes after midnight; undefined where nobody said when it is poured. */
  readonly peakAtMin: number | undefined;
  readonly asleep: boolean | undefined;
  /** The label's time of demoulding is later than the model's, and stands. */
  readonly demouldByLabel: boolean;
  /** What the form bears, where it may give way, °C. */
  readonly formBearsC: number | undefined;
}

/** A job's pour with its resin made to do what its label says: all that the heat is worked out from. */
export interface HeatCaseOfJob extends JobSetting {
  readonly told: true;
  readonly family: HeatFamily;
  readonly calibration: Calibration;
  readonly curing: Curing;
  readonly marks: CureMarks;
  /** Works out the other readings of its label. */
  readonly otherReadings: () => readonly Candidate[];
  /** What it stands on, and how that was taken. */
  readonly below: readonly BelowPour[];
  readonly air: DampAir | undefined;
  /** What the plan says of each layer: its moments stand, whatever grid a picture is followed on. */
  readonly cures: readonly (LayerCure | undefined)[];
  /** When the person sleeps, where they said. */
  readonly night: DaySpan | undefined;
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
  /** The air over it, where somebody read how damp it is; and a dust cover so far over it, mm. */
  readonly air: DampAir | undefined;
  readonly coverMm: number | undefined;
  /** Layers, counted from 1, in which a body stands that is reckoned with. */
  readonly bodiesIn: readonly number[];
  readonly layers: readonly PlannedHeat[];
  /** What it stands on, as it was when this one was poured; nothing for what stands on the form. */
  readonly below: readonly BelowState[];
}

/** An earlier pour under this one, at the moment this one is poured. */
export interface BelowState extends Omit<BelowPour, 'layers'> {
  /** The least and the most cured place, and the warmest; undefined for what is taken as cured. */
  readonly alpha: { readonly least: number; readonly most: number } | undefined;
  readonly warmestC: number | undefined;
}

const dayMin = 24 * 60;

/**
 * What the heat of one pour of a job is worked out from.
 * @param plan of the same job
 * @param index the pour, counted from 0
 * @throws InputError those of `heatSettingOf` and `calibrationOf`
 */
export function heatCaseOf(
  resolved: ResolvedJob,
  plan: Pick<Plan, 'pours'>,
  index: number,
  shelf?: Shelf,
): HeatCaseOfJob | NoHeat {
  const pour = resolved.pours[index];
  if (pour === undefined) throw new RangeError(`there is no pour ${index}`);
  return ofPour(resolved.job.pours[index]!, index, () => caseOf(pour, resolved, plan, shelf));
}

/** The same for a job as it came from another thread, its cards not found yet. */
export const heatCaseOfJob = (
  job: Job,
  plan: Pick<Plan, 'pours'>,
  index: number,
  shelf?: Shelf,
): HeatCaseOfJob | NoHeat => heatCaseOf(resolveJob(job, shelf), plan, index, shelf);

function caseOf(
  pour: ResolvedPour,
  resolved: ResolvedJob,
  { pours }: Pick<Plan, 'pours'>,
  shelf: Shelf | undefined,
): HeatCaseOfJob | NoHeat {
  const { card, resin, said, index } = pour;
  const family: ResinFamily = card.family;
  if (!hasHeat(family)) return { told: false, code: 'family-without-heat', data: { family } };
  const forms = pouredForms(resolved);
  const { poured } = forms[index]!;
  const place = heatSettingOf(said, poured, pours[index]!);
  if (place === undefined) return { told: false, code: 'no-depth', data: {} };
  const earlier = resolved.pours.slice(0, index).map((each, at) => ({
    pour: each,
    poured: forms[at]!.poured,
    plan: pours[at]!,
  }));
  const below = belowPour(
    earlier,
    poured,
    poured.fromMm + place.form.depthMm,
    shelf?.calibrations,
    pours.map(({ joins }) => joins),
  );
  const calibration = within('resin', () => calibrationOf(family, resin, shelf?.calibrations));
  const label = curingOf(family, calibration);
  const fillers = leastFilled(pours[index]!);
  const marks = marksOf(family, label, resin);
  const otherReadings = (): readonly Candidate[] =>
    membersOfCard(family, resin, shelf?.calibrations).map((member) => {
      const other = curingOfMember(family, member);
      return {
        curing: dilutedBy(paced(other, resin), fillers),
        marks: marksOf(family, other, resin),
        weight: member.weight,
      };
    });
  // Thick slow polyurethane comes out of its mould earlier in the model than labels allow.
  const labelMin = resin.times.demould?.timeMin;
  const leastDemouldH =
    familyOf(family).labelDemoulds && labelMin !== undefined ? labelMin / 60 : undefined;
  const setting = withBelow(place.setting, below);
  return {
    told: true,
    ...place,
    setting,
    below,
    family,
    calibration,
    curing: dilutedBy(paced(label, resin), fillers),
    marks,
    otherReadings,
    leastDemouldH,
    air: dampAirOf(said),
    night: shelf?.night,
    cures: pours[index]!.layers.map(({ cure }) => cure),
  };
}

/** The batch with the least of fillers gets hottest. */
function leastFilled({ batches }: PourPlan): NonNullable<PourPlan['fillers']> {
  const shares = batches.map(({ fillers = [] }) => ({
    fillers,
    share: fillers.reduce((sum, { share }) => sum + share, 0),
  }));
  return shares.reduce((least, each) => (each.share < least.share ? each : least), shares[0]!)
    .fillers;
}

/** A column is quick however fine; a cross-section is not. */
const gridFor = ({ setting }: HeatCaseOfJob): HeatGrid =>
  setting.shape.kind === 'slab' ? fineGrid : quickGrid;

/** The plan's own moments and band in place of those of a finer grid. */
function asPlanned(layer: LayerHeat, cure: LayerCure | undefined): LayerHeat {
  if (cure === undefined) return layer;
  const { peakC: _, stickyH, flow: __, ...moments } = cure;
  return { ...layer, ...moments, recoatH: stickyH };
}

/** With the label's time of demoulding the range begins no earlier than that either. */
function byLabel(ranges: PlannedHeat['ranges'], leastDemouldH: number): PlannedHeat['ranges'] {
  if (ranges === undefined) return undefined;
  const { low, mid, high } = ranges.demouldH;
  const not = (hours: number | null): number | null => hours && Math.max(hours, leastDemouldH);
  return { ...ranges, demouldH: { low: not(low), mid: not(mid), high: not(high) } };
}

function withClock(
  given: HeatCaseOfJob,
  followed: LayerHeat,
  at: number,
  spread: LayerSpread | undefined,
): PlannedHeat {
  const layer = asPlanned(followed, given.cures[at]);
  const pouredS = given.setting.layers[at]!.pouredS;
  const { pouredAtMin, formBearsC, leastDemouldH = 0 } = given;
  const demouldByLabel = layer.demouldH !== undefined && leastDemouldH > layer.demouldH;
  const peakAtMin =
    pouredAtMin === undefined || layer.peakH === undefined
      ? undefined
      : (pouredAtMin + pouredS / 60 + layer.peakH * 60) % dayMin;
  const peakC =
    spread === undefined
      ? { low: layer.peakC, mid: layer.peakC, high: layer.peakC }
      : peakRange(layer.peakC, spread);
  return {
    ...layer,
    peakC,
    onEdge: spread !== undefined && isOnEdge(spread),
    ranges: byLabel(spread && timeRanges(layer, spread), leastDemouldH),
    demouldH: demouldByLabel ? leastDemouldH : layer.demouldH,
    demouldByLabel,
    pouredH: pouredS / 3600,
    formBearsC:
      formBearsC !== undefined && givesWay(formBearsC, peakC.mid, peakC.high)
        ? formBearsC
        : undefined,
    peakAtMin,
    asleep: peakAtMin === undefined ? undefined : isNight(peakAtMin, given.night),
  };
}

/** What lies below, read off the first frame: the moment at which this pour begins. */
function statesOf(
  below: readonly BelowPour[],
  { record, domain }: PourHeat,
): readonly BelowState[] {
  let layer = 0;
  return below.map(({ layers, ...told }) => {
    const cells = layers.flatMap((_, at) => [...(domain.belowCells[layer + at] ?? [])]);
    layer += layers.length;
    if (told.as === 'cured') return { ...told, alpha: undefined, warmestC: undefined };
    const alphas = cells.map((cell) => record.alphas[cell]!);
    return {
      ...told,
      alpha: { least: Math.min(...alphas), most: Math.max(...alphas) },
      warmestC: Math.max(...cells.map((cell) => record.temperaturesC[cell]!)),
    };
  });
}

/** A pour followed, and its layers as a plan tells them. */
export interface FollowedHeat {
  readonly plan: HeatPlan;
  readonly followed: PourHeat;
}

/**
 * Follows a job's pour.
 * @param options.ranges the edge test and the other readings of the label: up to thirteen coarse runs more
 * @throws InputError `heat-lost-itself`
 */
export function followJob(
  given: HeatCaseOfJob,
  options: { readonly ranges: boolean },
): FollowedHeat {
  const { setting, family, curing, calibration, marks, part, form, assumed, below } = given;
  const spreads = options.ranges
    ? spreadOf(setting, family, { curing, marks }, given.otherReadings())
    : undefined;
  const grid = gridFor(given);
  const followed = predictPour(setting, family, curing, marks, grid);
  const layers = followed.layers.map((layer, at) => withClock(given, layer, at, spreads?.[at]));
  return {
    plan: {
      told: true,
      family,
      calibration,
      marks,
      part,
      form,
      assumed,
      air: given.air,
      coverMm: given.coverMm,
      bodiesIn: setting.layers.flatMap(({ insert, solids }, at) =>
        insert === undefined && solids === undefined ? [] : [at + 1],
      ),
      layers,
      below: statesOf(below, followed),
    },
    followed,
  };
}
