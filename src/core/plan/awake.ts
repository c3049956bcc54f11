import type { LayerJoint } from '../layers/jointOf';
import type { DaySpan } from '../person/hoursSchema';

const dayMin = 24 * 60;

/** People sleep from ten to seven, where they do not say when: minutes after midnight. */
export const usualNight: DaySpan = { fromMin: 22 * 60, toMin: 7 * 60 };

/** How long it is since a night began, min; less than a day. */
const sinceNightfall = (atMin: number, { fromMin }: DaySpan): number =>
  (((atMin - fromMin) % dayMin) + dayMin) % dayMin;

const nightMin = ({ fromMin, toMin }: DaySpan): number =>
  toMin > fromMin ? toMin - fromMin : toMin + dayMin - fromMin;

export const isNight = (atMin: number, night = usualNight): boolean =>
  sinceNightfall(atMin, night) < nightMin(night);

/** The next moment at which somebody is awake. */
const awakeAt = (atMin: number, night: DaySpan): number =>
  isNight(atMin, night) ? atMin - sinceNightfall(atMin, night) + nightMin(night) : atMin;

/** When a layer can no longer follow: the window closes by label or model; undefined: it waits as long as one likes. */
function closesMin({ school, closesMin: byModel, latestInRoomMin: byLabel }: LayerJoint) {
  if (school !== 'tacky') return undefined;
  const closes = Math.min(byModel ?? Infinity, byLabel ?? Infinity);
  return Number.isFinite(closes) ? closes : undefined;
}

function worksFrom(joints: readonly LayerJoint[], startMin: number, night: DaySpan): boolean {
  let atMin = startMin;
  return joints.every((joint) => {
    if (joint.plannedMin === undefined) return true;
    const openMin = atMin + joint.plannedMin;
    const lastMin = atMin + (closesMin(joint) ?? Infinity);
    atMin = awakeAt(openMin, night);
    return atMin <= lastMin;
  });
}

/** Nobody says when they begin: each hour of the day is tried. */
const startsMin = (night: DaySpan): readonly number[] =>
  Array.from(
    { length: Math.floor((dayMin - nightMin(night)) / 60) },
    (_, hour) => night.toMin + hour * 60,
  );

/**
 * Whether somebody is awake for every layer: each follows at its moment, or in the morning after while its window is open.
 * @param pouredAtMin minutes after midnight of the first; undefined: whenever it suits
 */
export const isAwakeFor = (
  joints: readonly LayerJoint[],
  pouredAtMin: number | undefined,
  night = usualNight,
): boolean =>
  pouredAtMin === undefined
    ? startsMin(night).some((startMin) => worksFrom(joints, startMin, night))
    : worksFrom(joints, pouredAtMin, night);
