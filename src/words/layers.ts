import type { LayerJoint } from '../core/layers/jointOf';
import { sayTime } from './figures';

/** When the next layer is poured, by the label and in this room. */
export function sayJoint(joint: LayerJoint): string {
  const { school, earliestMin, latestMin, earliestInRoomMin, latestInRoomMin } = joint;
  if (earliestMin === undefined || earliestInRoomMin === undefined) {
    return school === 'tacky'
      ? 'Poured on while the layer under it is gelled and still sticky. The card gives no recoat window.'
      : 'Poured on when the layer under it is hard, scuffed and wiped. The card gives no time.';
  }
  if (school === 'scuff') {
    return `Poured on after ${sayTime(earliestInRoomMin)} in this room, hard, scuffed and wiped (label ${sayTime(earliestMin)}).`;
  }
  if (latestMin === undefined || latestInRoomMin === undefined) {
    return `Poured on from ${sayTime(earliestInRoomMin)} in this room, while it is sticky (label ${sayTime(earliestMin)}).`;
  }
  return (
    `Poured on between ${sayTime(earliestInRoomMin)} and ${sayTime(latestInRoomMin)} in this room, while it is sticky ` +
    `(label ${sayTime(earliestMin)} to ${sayTime(latestMin)}). Later: cure, scuff, wipe.`
  );
}
