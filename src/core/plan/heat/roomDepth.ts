import { constantRoom } from '../../thermal/climate';
import { depthCurve, depthLimitC, type DepthPoint } from '../../thermal/greatestDepth';
import type { PourSetting } from '../../thermal/pourSetting';
import { depthHereMm } from './heatDepth';
import type { HeatCaseOfJob } from './heatOfPlan';

/** Greatest depth of one pour against the temperature of the room. */
export interface RoomDepths {
  /** The peak that one may come to, °C. */
  readonly limitC: number;
  readonly still: readonly DepthPoint[];
  readonly fan: readonly DepthPoint[];
  /** In the job's own room, with its own fan, mm; undefined where nothing can be poured. */
  readonly hereMm: number | undefined;
  /** The pour as it is planned: its room and its deepest layer. */
  readonly own: { readonly roomC: number; readonly depthMm: number };
}

const roomsC = Array.from({ length: 12 }, (_, at) => 10 + 2 * at);
const startM = 0.05;

/** The job's form with one layer of some depth in a room of some temperature, resin as warm as the room. */
const atRoom =
  ({ setting }: HeatCaseOfJob, blown: boolean) =>
  (roomC: number): PourSetting => ({
    ...setting,
    layers: [{ depthM: startM, pouredS: 0 }],
    room: constantRoom(roomC),
    resinC: roomC,
    fan: { ...setting.fan, untilS: blown ? Infinity : 0 },
  });

/** The curves of a job's resin at its width, still and with a fan, and its own pour on them. */
export function roomDepths(given: HeatCaseOfJob): RoomDepths {
  const { setting, curing, family } = given;
  const limitC = depthLimitC(family);
  return {
    limitC,
    still: depthCurve(atRoom(given, false), curing, roomsC, limitC),
    fan: depthCurve(atRoom(given, true), curing, roomsC, limitC),
    hereMm: depthHereMm(setting, curing, limitC),
    own: {
      roomC: setting.room.meanC,
      depthMm: Math.max(...setting.layers.map(({ depthM }) => depthM)) * 1000,
    },
  };
}
