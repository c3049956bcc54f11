import type { JobPour } from '../../job/jobPour';
import { InputError } from '../../problem';
import type { PourSetting } from '../../thermal/pourSetting';
import type { PourPlan } from '../planTypes';
import type { PouredForm } from '../pouredForm';
import { heatPlaceOf, type HeatAssumption, type HeatPlace } from './heatPlace';
import type { HeatForm } from './heatShapeOf';
import { layerAt } from './layerCures';
import { resinTypedC } from './roomOf';
import { usualGapMin } from './usualGap';
import type { Climate } from '../../thermal/climate';

/** A job's pour for the heat model. */
export interface JobSetting extends Omit<HeatPlace, 'setting'> {
  readonly setting: PourSetting;
}

/** Deeper than this nobody pours, and the model says nothing of it. */
const deepestMm = 1000;

/** @throws InputError `too-deep-for-heat` */
export function refuseTooDeep(depthMm: number): void {
  if (depthMm > deepestMm) {
    throw new InputError('too-deep-for-heat', depthMm, { depthMm, deepestMm });
  }
}

/** Depths of the layers in the part that counts, and when each is poured. */
function layersOf(
  typedC: number | undefined,
  room: Climate,
  plan: Pick<PourPlan, 'layers'>,
  footMm: number,
  form: HeatForm,
  assume: (what: HeatAssumption) => void,
): PourSetting['layers'] {
  let pouredS = 0;
  return plan.layers.flatMap(({ fromMm = footMm, toMm = footMm + form.depthMm, joint }, at) => {
    if (at > 0) {
      const planned = joint?.plannedMin;
      if (planned === undefined) assume('gap');
      pouredS += (planned ?? usualGapMin[joint?.school ?? 'tacky']) * 60;
    }
    const depthMm = Math.min(toMm, footMm + form.depthMm) - fromMm;
    return depthMm > 0
      ? [layerAt({ setting: { room }, resinTypedC: typedC }, depthMm / 1000, pouredS)]
      : [];
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
  refuseTooDeep(form.depthMm);
  const assumed = [...place.assumed];
  const layers = layersOf(resinTypedC(job), place.setting.room, plan, fromMm, form, (what) => {
    if (!assumed.includes(what)) assumed.push(what);
  });
  return { ...place, setting: { ...place.setting, layers }, assumed };
}
