import { timeAtMin } from '../resin/inRoom';
import type { LabelTime, ReadResin } from '../resin/readResin';
import type { Joint } from './layersSchema';

/** How a layer joins the one under it, and when. */
export interface LayerJoint {
  readonly school: Joint;
  /** After the layer under it was poured, by the label; undefined where the card gives no time. */
  readonly earliestMin: number | undefined;
  /** Only the tacky window closes. */
  readonly latestMin: number | undefined;
  /** The same at the temperature of the room, an estimate. */
  readonly earliestInRoomMin: number | undefined;
  readonly latestInRoomMin: number | undefined;
}

/**
 * When the next layer can be poured.
 * Tacky: in the recoat window; without one, from when it is tack-free at the latest. Scuffed: when it is hard.
 * @param roomC of the room
 */
export function jointOf(school: Joint, { times }: ReadResin, roomC: number): LayerJoint {
  const inRoom = (time: LabelTime | undefined): number | undefined =>
    time === undefined ? undefined : timeAtMin(time, roomC);
  const [earliest, latest] =
    school === 'tacky'
      ? [times.recoatFrom, times.recoatTo ?? times.tackFree]
      : [times.fullCure ?? times.demould, undefined];
  return {
    school,
    earliestMin: earliest?.timeMin,
    latestMin: latest?.timeMin,
    earliestInRoomMin: inRoom(earliest),
    latestInRoomMin: inRoom(latest),
  };
}
