import { timeAtMin } from '../resin/inRoom';
import type { ReadResin } from '../resin/readResin';
import type { PlannedLayer, PlanTimes } from './planTypes';

/**
 * How long the piece takes: the gaps between layers at the earliest, and the cure of the last one.
 * Times of the label, told for the room (`timeAtMin`).
 */
export function planTimes(
  layers: readonly PlannedLayer[],
  { times }: ReadResin,
  roomC: number,
): PlanTimes {
  const gapsMin = layers.reduce<number | undefined>((sum, { joint }) => {
    if (joint === undefined || sum === undefined) return sum;
    return joint.earliestInRoomMin === undefined ? undefined : sum + joint.earliestInRoomMin;
  }, 0);
  const last = times.fullCure ?? times.demould;
  const cureMin = last && timeAtMin(last, roomC);
  return {
    gapsMin,
    cureMin,
    doneMin: gapsMin === undefined || cureMin === undefined ? undefined : gapsMin + cureMin,
  };
}
