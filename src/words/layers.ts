import type { LayerJoint } from '../core/layers/jointOf';
import { capital, sayTime } from './figures';
import { sayRoughly, sayRoughRange } from './rough';

/** A window that may not close. */
const sayWindow = (fromMin: number, toMin: number | undefined): string =>
  toMin === undefined ? `from ${sayRoughly(fromMin)} on` : sayRoughRange(fromMin, toMin);

/** What the label says, in this room and as it is printed. */
function sayLabelWindow(joint: LayerJoint): string {
  const { earliestMin, latestMin, earliestInRoomMin, latestInRoomMin } = joint;
  if (earliestMin === undefined || earliestInRoomMin === undefined) {
    return latestMin === undefined || latestInRoomMin === undefined
      ? 'the card gives no recoat window'
      : `until ${sayRoughly(latestInRoomMin)} by the label in this room (printed ${sayTime(latestMin)})`;
  }
  const printed =
    latestMin === undefined
      ? sayTime(earliestMin)
      : `${sayTime(earliestMin)} to ${sayTime(latestMin)}`;
  return `${sayWindow(earliestInRoomMin, latestInRoomMin)} by the label in this room (printed ${printed})`;
}

/** When the next layer is poured: as it is planned, and what label and model say of it. */
export function sayJoint(joint: LayerJoint): string {
  const { school, earliestMin, earliestInRoomMin, readyMin, closesMin, plannedMin } = joint;
  if (joint.ofHalves === true) {
    const after =
      plannedMin === undefined
        ? 'once the first may be opened'
        : `after about ${sayRoughly(plannedMin)}, when the first may be opened`;
    return `The second half is poured ${after}: turned over, clay off, release on all of it. Rubber without release sticks to rubber for good.`;
  }
  if (school === 'tacky') {
    if (plannedMin === undefined) {
      return 'Poured on while the layer under it is gelled and still sticky. The card gives no recoat window.';
    }
    const model = readyMin === undefined ? [] : [`${sayWindow(readyMin, closesMin)} by the model`];
    return (
      `Poured on after about ${sayRoughly(plannedMin)}, while it is sticky: ` +
      `${[...model, sayLabelWindow(joint)].join('; ')}. Later: cure, scuff, wipe.`
    );
  }
  if (plannedMin === undefined) {
    return 'Poured on when the layer under it is hard, scuffed and wiped. The card gives no time.';
  }
  const told = [
    ...(readyMin === undefined ? [] : [`it keeps its shape after ${sayRoughly(readyMin)}`]),
    earliestMin === undefined || earliestInRoomMin === undefined
      ? 'the card gives no time'
      : `${sayRoughly(earliestInRoomMin)} by the label in this room (printed ${sayTime(earliestMin)})`,
  ];
  return `Poured on after about ${sayRoughly(plannedMin)}, hard, scuffed and wiped. ${capital(told.join('; '))}.`;
}
