import type { JobPour } from '../../job/jobPour';
import { InputError } from '../../problem';
import type { PourSetting } from '../../thermal/pourSetting';
import type { PourPlan } from '../planTypes';
import type { PouredForm } from '../pouredForm';
import { heatPlaceOf, type HeatAssumption, type HeatPlace } from './heatPlace';
import { bodiesOf, type LayerBody } from './bodiesOf';
import { layerAt } from './layerCures';
import { momentsOf } from './momentsOf';
import { resinTypedC } from './roomOf';
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

/** Layers in the part that counts, and when each is poured. */
function layersOf(
  typedC: number | undefined,
  room: Climate,
  layers: PourPlan['layers'],
  bodies: readonly LayerBody[],
  assume: (what: HeatAssumption) => void,
): PourSetting['layers'] {
  const moments = momentsOf(layers.map(({ joint }) => joint)).slice(0, bodies.length);
  if (moments.some(({ assumed }) => assumed)) assume('gap');
  return bodies.map((body, at) =>
    layerAt({ setting: { room }, resinTypedC: typedC }, body, moments[at]!.atMin * 60),
  );
}

/**
 * The setting that a job's pour stands in.
 * @returns undefined where no part has a depth
 * @throws InputError `too-deep-for-heat`, those of `heatPlaceOf`
 */
export function heatSettingOf(
  job: JobPour,
  { parts, fromMm: footMm, whole }: PouredForm,
  plan: Pick<PourPlan, 'layers' | 'parts'>,
): JobSetting | undefined {
  const place = heatPlaceOf(job, parts, plan.parts);
  if (place === undefined) return undefined;
  const { form } = place;
  refuseTooDeep(form.depthMm);
  const assumed = [...place.assumed];
  const assume = (what: HeatAssumption): void => {
    if (!assumed.includes(what)) assumed.push(what);
  };
  const bodies = bodiesOf(whole, place.part, form, plan.layers, footMm);
  const isWeighed = whole.inserts.every(({ densityGPerMl }) => densityGPerMl !== undefined);
  if (!isWeighed && bodies.some(({ insert, solids }) => insert ?? solids))
    assume('insert-as-timber');
  const layers = layersOf(resinTypedC(job), place.setting.room, plan.layers, bodies, assume);
  return { ...place, setting: { ...place.setting, layers }, assumed };
}
