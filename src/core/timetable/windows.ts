import type { ResolvedJob } from '../job/resolveJob';
import type { LayerJoint } from '../layers/jointOf';
import { usualGapMin } from '../plan/heat/usualGap';
import { stickyEndMin } from '../plan/joinPours';
import type { Plan, PourPlan } from '../plan/planTypes';
import { timeAtMin } from '../resin/inRoom';
import type { LayerClocks } from './clocks';
import type { Tie } from './tasks';

const hour = 60;

/** When something goes on what lies below, min after that began, and the part of it that holds by every reading of the label. */
export interface Window {
  readonly fromMin: number;
  readonly toMin: number;
  readonly safe: Tie['safe'];
}

/** What holds by every reading of the label: undefined where that is all of the window. */
function safeIn(
  fromMin: number,
  toMin: number,
  fromHigh: number | undefined,
  toLow: number | undefined,
): Tie['safe'] {
  const safe = {
    fromMin: Math.max(fromMin, fromHigh ?? 0),
    toMin: Math.min(toMin, toLow ?? Infinity),
  };
  if (safe.fromMin === fromMin && safe.toMin === toMin) return undefined;
  return safe;
}

/** When a layer goes on the one under it, min after that one began. */
export function windowOfJoint(joint: LayerJoint, under: LayerClocks | undefined): Window {
  const { school, plannedMin, closesMin, latestInRoomMin } = joint;
  const fromMin = plannedMin ?? usualGapMin[school];
  if (school === 'scuff') {
    const safe = safeIn(fromMin, Infinity, under?.keepsShapeMin?.high, undefined);
    return { fromMin, toMin: Infinity, safe };
  }
  const closes = Math.min(closesMin ?? Infinity, latestInRoomMin ?? Infinity);
  // A joint that is pinned against its window goes at its moment.
  const toMin = Math.max(fromMin, closes);
  const safe = safeIn(fromMin, toMin, under?.stickyFromMin?.high, under?.stickyToMin?.low);
  return { fromMin, toMin, safe };
}

/** When a pour goes on the one before it, min after the last layer of that one began. */
export function windowOfJoin(
  { pours }: ResolvedJob,
  plan: Plan,
  index: number,
  under: LayerClocks | undefined,
): Window {
  const join = plan.pours[index]!.joins!;
  const before = plan.pours[index - 1]!;
  const fromMin = join.waitMin ?? usualGapMin[join.school];
  if (join.typed) return { fromMin, toMin: Infinity, safe: undefined };
  const isMould = before.role === 'mould' || plan.pours[index]!.role === 'castings';
  if (join.school === 'scuff' || isMould) {
    const safe = isMould
      ? undefined
      : safeIn(fromMin, Infinity, under?.keepsShapeMin?.high, undefined);
    return { fromMin, toMin: Infinity, safe };
  }
  const toMin = Math.max(fromMin, stickyEndMin(pours[index - 1]!, before) ?? Infinity);
  const safe = safeIn(fromMin, toMin, under?.stickyFromMin?.high, under?.stickyToMin?.low);
  return { fromMin, toMin, safe };
}

/** When a label lets a pour leave its form in its room, min; undefined where it does not say. */
export function labelOutMin(
  { resin: { times } }: ResolvedJob['pours'][number],
  { roomTemperatureC }: Pick<PourPlan, 'roomTemperatureC'>,
): number | undefined {
  const label = times.demould ?? times.fullCure;
  return label && timeAtMin(label, roomTemperatureC);
}

/** From when on the last layer of a pour may come out of its form, by label or model, min. */
export function outOfForm(
  resolved: ResolvedJob['pours'][number],
  pour: PourPlan,
  clocks: LayerClocks | undefined,
): { readonly fromMin: number; readonly safe: Tie['safe'] } | undefined {
  const labelMin = labelOutMin(resolved, pour);
  const cure = pour.layers.at(-1)?.cure;
  // What the model follows and never leaves its form is not told to by a label, which knows nothing of this room.
  if (cure !== undefined && cure.demouldH === undefined) return undefined;
  const modelMin = cure?.demouldH === undefined ? undefined : cure.demouldH * hour;
  if (labelMin === undefined && modelMin === undefined) return undefined;
  const fromMin = Math.max(labelMin ?? 0, modelMin ?? 0);
  return { fromMin, safe: safeIn(fromMin, Infinity, clocks?.demouldMin?.high, undefined) };
}
