import { constantRoom } from './climate';
import type { PourSetting } from './pourSetting';
import { films, usualBoard } from './solids';

/** A wide pour in still air on an 18 mm board raised on blocks, resin as warm as the room: what figures are told for. */
export const usualSetting = (depthM: number, roomC: number): PourSetting => ({
  shape: { kind: 'slab' },
  layers: [{ depthM, pouredS: 0 }],
  underside: {
    solid: usualBoard.kind,
    thicknessM: usualBoard.thicknessM,
    filmU: films.raisedBoard,
  },
  plateC: undefined,
  room: constantRoom(roomC),
  resinC: roomC,
  topU: films.topStill,
  fan: { untilS: 0, topU: films.fan, undersideU: films.fan },
});
