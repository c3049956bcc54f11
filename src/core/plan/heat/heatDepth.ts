import type { JobPour } from '../../job/jobPour';
import { memory } from '../../memory';
import { within } from '../../measure/within';
import type { MeasuredPart } from '../../measure/measureWhole';
import { InputError, type Problem } from '../../problem';
import type { ResinFamily } from '../../resin/families';
import type { ReadResin } from '../../resin/readResin';
import { curingOf } from '../../thermal/calibrate';
import type { Curing } from '../../thermal/curing';
import { depthForPeakM, depthLimitC, depthTolerance } from '../../thermal/greatestDepth';
import { hasHeat, heatKindOf } from '../../resin/families';
import { peakOf } from '../../thermal/peakOf';
import { keystrokeGrid, type PourSetting } from '../../thermal/pourSetting';
import type { MixedFiller } from '../../mix/fillers/readFillers';
import { dilutedBy } from '../../mix/fillers/dilutedBy';
import type { BelowPour } from './belowPour';
import { calibrationOf, type KeptCalibrations } from './calibrationOf';
import { heatPlaceOf, type HeatPlace } from './heatPlace';
import { paced } from './paced';
import type { Part } from '../../measure/parts/partSchema';

/** What heat has to say of how deep one layer may be. */
export interface HeatDepth {
  /** It stands in place of the label's figure, mm; undefined where the label's stands. */
  readonly mm: number | undefined;
  /** Why heat could not be asked. */
  readonly problem: Problem | undefined;
}

const labelStands: HeatDepth = { mm: undefined, problem: undefined };

/** A peak this little over the limit at the label's depth is the label's own doubt, K: calibrations meet it to 0.3. */
const labelSlackK = 0.5;
/** From here on depths are told in whole millimetres, below in tenths: what a tape and a stick read, mm. */
const wholeFromMm = 5;

/** Never deeper than found, but for what the search itself leaves open. */
function readDown(mm: number): number {
  const found = mm * (1 + depthTolerance);
  return found >= wholeFromMm ? Math.floor(found) : Math.floor(found * 10) / 10;
}

type Setting = HeatPlace['setting'];

const asPour = (setting: Setting, depthMm: number): PourSetting => ({
  ...setting,
  layers: [{ depthM: depthMm / 1000, pouredS: 0 }],
});

const startMm = 50;

/**
 * The greatest depth of one layer in a job's own room, with its own air.
 * @returns mm; undefined where nothing can be poured there
 */
export function depthHereMm(
  setting: Setting,
  curing: Curing,
  limitC: number,
  fromMm: number = startMm,
): number | undefined {
  const depthM = depthForPeakM(asPour(setting, fromMm), curing, limitC, keystrokeGrid(setting));
  return depthM === undefined ? undefined : readDown(depthM * 1000);
}

/** Whether one layer this deep stays under the limit. A wide pour is the warmest of that depth, and the quickest to follow. */
function isCool(setting: Setting, curing: Curing, limitC: number, depthMm: number): boolean {
  const peaksUnder = (place: Setting): boolean =>
    peakOf(asPour(place, depthMm), curing, limitC, keystrokeGrid(place)).peakC <=
    limitC + labelSlackK;
  const wide: Setting = { ...setting, shape: { kind: 'slab' } };
  return peaksUnder(wide) || (setting.shape.kind !== 'slab' && peaksUnder(setting));
}

/** Found so far, by everything that went in: a keystroke in a name asks nothing anew. */
const found = memory<number | 'label' | 'nothing'>(500);

function lookedUp(
  setting: Setting,
  curing: Curing,
  limitC: number,
  labelMm: number | undefined,
  by: 'smaller' | 'room',
): number | 'label' | 'nothing' {
  return found(JSON.stringify([setting, curing, limitC, labelMm, by]), () => {
    const holds =
      by === 'smaller' && labelMm !== undefined && isCool(setting, curing, limitC, labelMm);
    return holds ? 'label' : (depthHereMm(setting, curing, limitC, labelMm) ?? 'nothing');
  });
}

/** A setting with what lies under the pour; as it is where nothing does. */
export const withBelow = <S extends Omit<PourSetting, 'layers'>>(
  setting: S,
  below: readonly BelowPour[],
): S =>
  below.length === 0 ? setting : { ...setting, below: below.flatMap(({ layers }) => layers) };

/** What heat is asked with. */
export interface HeatDepthQuestion {
  readonly parts: readonly Part[];
  /** The same parts, measured. */
  readonly measured: readonly MeasuredPart[];
  readonly family: ResinFamily;
  readonly resin: ReadResin;
  readonly kept: KeptCalibrations | undefined;
  /** What earlier pours left under it in a part of this depth, mm over the floor of the form. */
  readonly below: (partDepthMm: number) => readonly BelowPour[];
  /** Where the pour begins over the floor of the form. */
  readonly fromMm: number;
  readonly fillers: readonly MixedFiller[];
}

/**
 * The depth that heat allows, where it counts for a job: below the label's by default, in its place where the person says so.
 * Without a pot life on the card nothing ties the model to this resin, so it is asked only where the person wants it; a label
 * that stays far under what heat allows means bubbles, and stands.
 */
export function heatDepthOf(job: JobPour, question: HeatDepthQuestion): HeatDepth {
  const by = job.layers?.depthBy ?? 'smaller';
  const { family, resin, kept } = question;
  if (by === 'label' || job.layers?.maxDepth !== undefined || !hasHeat(family)) return labelStands;
  // It cures hot, and is made to: heat sets it no depth.
  if (heatKindOf(family) === 'polyurethane') return labelStands;
  if (by === 'smaller' && resin.potLife === undefined) return labelStands;
  const labelMm = resin.greatestDepthMm;
  try {
    const place = heatPlaceOf(job, question.parts, question.measured);
    if (place === undefined) return labelStands;
    const calibration = within('resin', () => calibrationOf(family, resin, kept));
    const curing = dilutedBy(paced(curingOf(family, calibration), resin), question.fillers);
    const limitC = depthLimitC(family);
    const below = question.below(question.fromMm + place.form.depthMm);
    const setting = withBelow(place.setting, below);
    const answer = lookedUp(setting, curing, limitC, labelMm, by);
    if (answer === 'label') return labelStands;
    if (answer === 'nothing') {
      const { room, resinC } = place.setting;
      const roomC = room.meanC + room.swingC;
      const data = { roomC, resinC, limitC };
      return { mm: undefined, problem: new InputError('too-hot-to-pour', roomC, data) };
    }
    const byBubbles = calibration.verdict.code === 'depth-below-heat';
    const isMore = labelMm !== undefined && answer >= labelMm;
    return isMore && (by === 'smaller' || byBubbles)
      ? labelStands
      : { mm: answer, problem: undefined };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { mm: undefined, problem: error };
  }
}
