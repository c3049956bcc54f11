import type { PourRole } from '../job/pourChoices';
import type { ResolvedPour } from '../job/resolveJob';
import { labelJointOf } from '../layers/jointOf';
import { timeAtMin } from '../resin/inRoom';
import type { Joint } from '../layers/layersSchema';
import { readQuantity } from '../quantity/readQuantity';
import { timeRule } from '../quantity/rules';
import { isOver, isUnder } from '../quantity/tolerance';
import type { JobTimes, PlanTimes, PourJoint, PourPlan, Warning } from './planTypes';

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

/** Plans as far as joining needs them. */
type JoinedPlan = Pick<PourPlan, 'roomTemperatureC'> & {
  readonly layers: readonly Pick<PourPlan['layers'][number], 'cure'>[];
};

/** The later of what a label and what the model of a layer say; undefined where neither does. */
const laterOf = (labelMin: number | undefined, hours: number | undefined): number | undefined =>
  labelMin === undefined && hours === undefined
    ? undefined
    : Math.max(labelMin ?? 0, (hours ?? 0) * 60);

/** How one pour joins the one before it, where the person does not say how long it waits. */
function usualWait(
  asked: Joint | undefined,
  before: ResolvedPour,
  role: PourRole,
  plan: JoinedPlan,
): Omit<PourJoint, 'typed'> {
  const { roomTemperatureC: roomC, layers } = plan;
  const usual = asked ?? usualJoint(before.role, role);
  const cure = layers.at(-1)?.cure;
  const labelOf = (school: Joint) => labelJointOf(school, before.resin, roomC);
  if (before.role === 'mould') {
    // A mould gives its castings back as soon as it may be opened.
    const { demould, fullCure } = before.resin.times;
    const opened = demould ?? fullCure;
    return { school: usual, waitMin: opened && timeAtMin(opened, roomC) };
  }
  if (usual === 'tacky') {
    const waitMin = laterOf(labelOf('tacky').earliestInRoomMin, cure?.stickyH.from);
    const isOpen = waitMin === undefined || waitMin <= (stickyEndMin(before, plan) ?? Infinity);
    const isNeverSticky = cure !== undefined && cure.stickyH.from === undefined;
    if (asked === 'tacky' || (isOpen && !isNeverSticky)) return { school: 'tacky', waitMin };
  }
  return {
    school: 'scuff',
    waitMin: laterOf(labelOf('scuff').earliestInRoomMin, cure?.keepsShapeH),
  };
}

/**
 * How a pour joins the one before it: not before that one is ready, by its label and by the model.
 * @param plan of the one before
 * @param school in place of what the person wants
 */
export function joinOf(
  before: ResolvedPour,
  { said, role }: ResolvedPour,
  plan: JoinedPlan,
  school = said.joint,
): PourJoint {
  if (said.wait !== undefined) {
    const waitMin = readQuantity(said.wait, timeRule).value;
    return { school: school ?? usualJoint(before.role, role), waitMin, typed: true };
  }
  return { ...usualWait(school, before, role, plan), typed: false };
}

/** When a pour is no longer sticky enough to be poured on, by label or model, min; undefined where neither says. */
export function stickyEndMin(
  { resin }: ResolvedPour,
  { roomTemperatureC, layers }: JoinedPlan,
): number | undefined {
  const toH = layers.at(-1)?.cure?.stickyH.to;
  const { latestInRoomMin } = labelJointOf('tacky', resin, roomTemperatureC);
  const endMin = Math.min(latestInRoomMin ?? Infinity, toH === undefined ? Infinity : toH * 60);
  return Number.isFinite(endMin) ? endMin : undefined;
}

/** When the last layer of a pour can be poured on in the way a join means, by the model, min. */
function readyFor({ school }: PourJoint, { layers }: JoinedPlan) {
  const cure = layers.at(-1)?.cure;
  if (cure === undefined) return undefined;
  const { stickyH, keepsShapeH } = cure;
  const inMin = (hours: number | undefined): number | undefined => hours && hours * 60;
  return school === 'tacky'
    ? { fromMin: inMin(stickyH.from), toMin: inMin(stickyH.to) }
    : { fromMin: inMin(keepsShapeH), toMin: undefined };
}

/** What speaks against when a pour follows the one before it: only what a person pins can. */
export function joinWarnings(
  plans: readonly JoinedPlan[],
  joins: readonly (PourJoint | undefined)[],
): readonly (readonly Warning[])[] {
  return joins.map((join, index): readonly Warning[] => {
    const before = plans[index - 1];
    const ready = join && before && readyFor(join, before);
    if (join?.waitMin === undefined || ready === undefined) return [];
    const { school, waitMin } = join;
    const { fromMin, toMin } = ready;
    const why =
      fromMin === undefined
        ? 'never-ready'
        : isUnder(waitMin, fromMin)
          ? 'too-soon'
          : toMin !== undefined && isOver(waitMin, toMin)
            ? 'too-late'
            : undefined;
    if (why === undefined) return [];
    const data = { why, school, waitMin, fromMin, toMin } as const;
    return [{ code: 'pour-against-clock', severity: 'warn', data }];
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
