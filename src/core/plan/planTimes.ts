import { timeAtMin } from '../resin/inRoom';
import type { ReadResin } from '../resin/readResin';
import type { PlannedLayer, PlanTimes } from './planTypes';

/** From the last pour until every layer is hard by the model; undefined where one of them never is in its room. */
function hardAfterLastMin(layers: readonly PlannedLayer[], gapsMin: number): number | undefined {
  let atMin = 0;
  return layers.reduce<number | undefined>((most, { joint, cure }) => {
    atMin += joint?.plannedMin ?? 0;
    if (cure === undefined) return most;
    if (most === undefined || cure.hardH === undefined) return undefined;
    return Math.max(most, atMin + cure.hardH * 60 - gapsMin);
  }, 0);
}

/**
 * How long the piece takes: the gaps between layers as they are planned, and the cure of the last one. It is done when the label
 * says so in this room, and not before it is hard by the model; where only one of the two tells, by that.
 */
export function planTimes(
  layers: readonly PlannedLayer[],
  { times }: ReadResin,
  roomC: number,
): PlanTimes {
  const gapsMin = layers.reduce<number | undefined>((sum, { joint }) => {
    if (joint === undefined || sum === undefined) return sum;
    return joint.plannedMin === undefined ? undefined : sum + joint.plannedMin;
  }, 0);
  const last = times.fullCure ?? times.demould;
  const labelMin = last && timeAtMin(last, roomC);
  const isFollowed = layers.some(({ cure }) => cure !== undefined);
  const hardMin =
    isFollowed && gapsMin !== undefined ? hardAfterLastMin(layers, gapsMin) : undefined;
  const cureMin = !isFollowed
    ? labelMin
    : hardMin === undefined
      ? undefined
      : Math.max(labelMin ?? 0, hardMin);
  return {
    gapsMin,
    cureMin,
    doneMin: gapsMin === undefined || cureMin === undefined ? undefined : gapsMin + cureMin,
  };
}
