import type { LayerJoint } from '../layers/jointOf';

/** People sleep from ten to seven: minutes after midnight. */
const nightFromMin = 22 * 60;
const nightToMin = 7 * 60;
const dayMin = 24 * 60;

export const isNight = (atMin: number): boolean => {
  const clockMin = ((atMin % dayMin) + dayMin) % dayMin;
  return clockMin >= nightFromMin || clockMin < nightToMin;
};

/** The next moment at which somebody is awake. */
function awakeAt(atMin: number): number {
  if (!isNight(atMin)) return atMin;
  const midnight = Math.floor(atMin / dayMin) * dayMin;
  return atMin - midnight < nightToMin ? midnight + nightToMin : midnight + dayMin + nightToMin;
}

/** When a layer can no longer follow: the window closes by label or model; undefined: it waits as long as one likes. */
function closesMin({ school, closesMin: byModel, latestInRoomMin: byLabel }: LayerJoint) {
  if (school !== 'tacky') return undefined;
  const closes = Math.min(byModel ?? Infinity, byLabel ?? Infinity);
  return Number.isFinite(closes) ? closes : undefined;
}

function worksFrom(joints: readonly LayerJoint[], startMin: number): boolean {
  let atMin = startMin;
  return joints.every((joint) => {
    if (joint.plannedMin === undefined) return true;
    const openMin = atMin + joint.plannedMin;
    const lastMin = atMin + (closesMin(joint) ?? Infinity);
    atMin = awakeAt(openMin);
    return atMin <= lastMin;
  });
}

/** Nobody says when they begin: each hour of the day is tried. */
const startsMin = Array.from(
  { length: (nightFromMin - nightToMin) / 60 },
  (_, hour) => nightToMin + hour * 60,
);

/**
 * Whether somebody is awake for every layer: each follows at its moment, or in the morning after while its window is open.
 * @param pouredAtMin minutes after midnight of the first; undefined: whenever it suits
 */
export const isAwakeFor = (
  joints: readonly LayerJoint[],
  pouredAtMin: number | undefined,
): boolean =>
  pouredAtMin === undefined
    ? startsMin.some((startMin) => worksFrom(joints, startMin))
    : worksFrom(joints, pouredAtMin);
