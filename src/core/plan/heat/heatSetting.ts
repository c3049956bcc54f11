import type { JobPour } from '../../job/jobPour';
import { InputError } from '../../problem';
import type { PourSetting } from '../../thermal/pourSetting';
import type { PourPlan } from '../planTypes';
import type { PouredForm } from '../pouredForm';
import { heatPlaceOf, type HeatAssumption, type HeatPlace } from './heatPlace';
import type { HeatForm } from './heatShapeOf';
import { usualGapMin } from './usualGap';

/** A job's pour for the heat model. */
export interface JobSetting extends Omit<HeatPlace, 'setting'> {
  readonly setting: PourSetting;
}

/** Deeper than this nobody pours, and the model says nothing of it. */
const deepestMm = 1000;

/** Depths of the layers in the part that counts, and when each is poured. */
function layersOf(
  job: JobPour,
  plan: Pick<PourPlan, 'layers'>,
  footMm: number,
  form: HeatForm,
  assume: (what: HeatAssumption) => void,
): PourSetting['layers'] {
  let pouredS = 0;
  return plan.layers.flatMap(({ fromMm = footMm, toMm = footMm + form.depthMm, joint }, at) => {
    if (at > 0) {
      const said = joint?.earliestInRoomMin;
      if (said === undefined) assume('gap');
      pouredS += (said ?? usualGapMin[job.layers?.joint ?? 'tacky']) * 60;
    }
    const depthMm = Math.min(toMm, footMm + form.depthMm) - fromMm;
    return depthMm > 0 ? [{ depthM: depthMm / 1000, pouredS }] : [];
  });
}

/**
 * The setting that a job's pour stands in.
 * @returns undefined where no part has a depth
 * @throws InputError `too-deep-for-heat`, those of `heatPlaceOf`
 */
export function heatSettingOf(
  job: JobPour,
  { parts, fromMm }: PouredForm,
  plan: Pick<PourPlan, 'layers' | 'parts'>,
): JobSetting | undefined {
  const place = heatPlaceOf(job, parts, plan.parts);
  if (place === undefined) return undefined;
  const { form } = place;
  if (form.depthMm > deepestMm) {
    throw new InputError('too-deep-for-heat', form.depthMm, { depthMm: form.depthMm, deepestMm });
  }
  const assumed = [...place.assumed];
  const layers = layersOf(job, plan, fromMm, form, (what) => {
    if (!assumed.includes(what)) assumed.push(what);
  });
  return { ...place, setting: { ...place.setting, layers }, assumed };
}
