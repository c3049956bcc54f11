import type { PourRole } from '../job/pourChoices';
import type { ResolvedPour } from '../job/resolveJob';
import { jointOf } from '../layers/jointOf';
import type { Joint } from '../layers/layersSchema';
import { readQuantity } from '../quantity/readQuantity';
import { timeRule } from '../quantity/rules';
import type { JobTimes, PlanTimes, PourJoint, PourPlan } from './planTypes';

/**
 * How a pour joins the one before it where the person does not say: into a seal and onto another fill while that is sticky;
 * a coat goes onto a seal coat in its window, and onto what has been poured once that is hard; a mould is left to cure.
 */
function usualJoint(before: PourRole, role: PourRole): Joint {
  if (before === 'mould' || role === 'castings' || role === 'mould') return 'scuff';
  if (role === 'seal') return 'scuff';
  if (role === 'coat') return before === 'fill' || before === 'castings' ? 'scuff' : 'tacky';
  return 'tacky';
}

/** A mould gives its castings back as soon as it may be opened. */
function waitAfterMould({ resin }: ResolvedPour, roomC: number): number | undefined {
  const { demould, fullCure } = resin.times;
  const times = { ...resin.times, fullCure: demould ?? fullCure };
  return jointOf('scuff', { ...resin, times }, roomC).earliestInRoomMin;
}

/**
 * How each pour joins the one before it.
 * @param pours, plans of the same job
 */
export function joinsOf(
  pours: readonly ResolvedPour[],
  plans: readonly Pick<PourPlan, 'roomTemperatureC'>[],
): readonly (PourJoint | undefined)[] {
  return pours.map((pour, index) => {
    const before = pours[index - 1];
    const roomC = plans[index - 1]?.roomTemperatureC;
    if (before === undefined || roomC === undefined) return undefined;
    const { joint, wait } = pour.said;
    const school = joint ?? usualJoint(before.role, pour.role);
    if (wait !== undefined) {
      return { school, waitMin: readQuantity(wait, timeRule).value, typed: true };
    }
    const waitMin =
      before.role === 'mould'
        ? waitAfterMould(before, roomC)
        : jointOf(school, before.resin, roomC).earliestInRoomMin;
    return { school, waitMin, typed: false };
  });
}

/**
 * When each pour begins, and when everything is done: each waits for the last layer of the one before it.
 * @returns min from the first; undefined from where a card does not say
 */
export function jobTimes(
  plans: readonly { readonly times: PlanTimes }[],
  joins: readonly (PourJoint | undefined)[],
): JobTimes {
  const startsMin: (number | undefined)[] = [];
  plans.forEach((_, index) => {
    const before = startsMin[index - 1];
    const gapsMin = plans[index - 1]?.times.gapsMin;
    const waitMin = joins[index]?.waitMin;
    if (index === 0) startsMin.push(0);
    else if (before === undefined || gapsMin === undefined || waitMin === undefined) {
      startsMin.push(undefined);
    } else startsMin.push(before + gapsMin + waitMin);
  });
  const ends = plans.map(({ times: { doneMin } }, index) => {
    const startMin = startsMin[index];
    return startMin === undefined || doneMin === undefined ? undefined : startMin + doneMin;
  });
  const known = ends.flatMap((endMin) => endMin ?? []);
  return { startsMin, doneMin: known.length === ends.length ? Math.max(...known) : undefined };
}
