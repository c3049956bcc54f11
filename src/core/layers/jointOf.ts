import { timeAtMin } from '../resin/inRoom';
import type { LabelTime, ReadResin } from '../resin/readResin';
import type { Joint } from './layersSchema';

/** When a label lets the next layer be poured, min after the layer under it. */
export interface LabelJoint {
  /** As the label says it; undefined where the card gives no time. */
  readonly earliestMin: number | undefined;
  /** Only the tacky window closes. */
  readonly latestMin: number | undefined;
  /** The same at the temperature of the room, an estimate. */
  readonly earliestInRoomMin: number | undefined;
  readonly latestInRoomMin: number | undefined;
}

/** How a layer joins the one under it, and when: by the label and by the model of the layer under it. */
export interface LayerJoint extends LabelJoint {
  /** As it is planned. */
  readonly school: Joint;
  /** When the layer under it is ready by the model: sticky, or keeping its shape. Undefined without a model, or where it never is. */
  readonly readyMin: number | undefined;
  /** When it is no longer sticky by the model. */
  readonly closesMin: number | undefined;
  /** From when on the two together stay cool; undefined without a model, or where no wait is long enough. */
  readonly coolMin: number | undefined;
  /** When it is poured; undefined where neither card nor model gives a time. */
  readonly plannedMin: number | undefined;
  /** Halves of a mould: the one below is turned over, its clay comes off, and it gets release. */
  readonly ofHalves?: true;
}

/**
 * When the next layer can be poured by the label.
 * Tacky: in the recoat window; without one, from when it is tack-free at the latest. Scuffed: when it is hard.
 * @param roomC of the room
 */
export function labelJointOf(school: Joint, { times }: ReadResin, roomC: number): LabelJoint {
  const inRoom = (time: LabelTime | undefined): number | undefined =>
    time === undefined ? undefined : timeAtMin(time, roomC);
  const [earliest, latest] =
    school === 'tacky'
      ? [times.recoatFrom, times.recoatTo ?? times.tackFree]
      : [times.fullCure ?? times.demould, undefined];
  return {
    earliestMin: earliest?.timeMin,
    latestMin: latest?.timeMin,
    earliestInRoomMin: inRoom(earliest),
    latestInRoomMin: inRoom(latest),
  };
}

/** What the model knows of the layer under a joint, min after it was poured; undefined for what does not happen in thirty days. */
export interface UnderJoint {
  readonly stickyFromMin: number | undefined;
  readonly stickyToMin: number | undefined;
  /** When it keeps its shape everywhere; asked for only where it is left to cure. */
  readonly shapeMin: () => number | undefined;
  /** From when on, not before `fromMin`, the two together stay cool; undefined where they do not by `toMin`, however long that is. */
  readonly coolFromMin: (fromMin: number, toMin?: number) => number | undefined;
}

/** Why a layer cannot follow while the one under it is sticky. */
export type NoWindow =
  /** The two heat each other as long as it is. */
  | 'too-hot'
  /** It is sticky by the model when it is not by the label. */
  | 'windows-apart'
  /** It does not get sticky in this room. */
  | 'never-sticky';

/** A joint, and why it is not, or should not be, in the sticky window; undefined where it may be. */
export interface DecidedJoint {
  readonly joint: LayerJoint;
  readonly noWindow: NoWindow | undefined;
}

interface Moment {
  readonly coolMin: number | undefined;
  readonly plannedMin: number;
}

/** While it is sticky: not before it is by label and model, and cool, and not after it is by either. */
function whileSticky(label: LabelJoint, under: UnderJoint): Moment | NoWindow {
  const { stickyFromMin, stickyToMin, coolFromMin } = under;
  if (stickyFromMin === undefined) return 'never-sticky';
  const fromMin = Math.max(label.earliestInRoomMin ?? 0, stickyFromMin);
  const toMin = Math.min(label.latestInRoomMin ?? Infinity, stickyToMin ?? Infinity);
  if (fromMin > toMin) return 'windows-apart';
  const coolMin = coolFromMin(fromMin, toMin);
  return coolMin === undefined ? 'too-hot' : { coolMin, plannedMin: coolMin };
}

/**
 * How and when a layer joins the one under it. In the sticky window where label, model and heat leave one; else cured, scuffed and
 * wiped, unless the person wants it sticky all the same.
 * @param asked what the person wants; undefined leaves it to the plan
 * @param under undefined where no model follows the layer under it
 */
export function decideJoint(
  asked: Joint | undefined,
  resin: ReadResin,
  roomC: number,
  under: UnderJoint | undefined,
): DecidedJoint {
  const labelOf = (school: Joint): LabelJoint => labelJointOf(school, resin, roomC);
  if (under === undefined) {
    const school = asked ?? 'tacky';
    const label = labelOf(school);
    const times = { readyMin: undefined, closesMin: undefined, coolMin: undefined };
    return {
      joint: { school, ...label, ...times, plannedMin: label.earliestInRoomMin },
      noWindow: undefined,
    };
  }
  const { stickyFromMin, stickyToMin, coolFromMin } = under;
  let noWindow: NoWindow | undefined;
  if (asked !== 'scuff') {
    const label = labelOf('tacky');
    const moment = whileSticky(label, under);
    const sticky = {
      school: 'tacky',
      ...label,
      readyMin: stickyFromMin,
      closesMin: stickyToMin,
    } as const;
    if (typeof moment === 'object') {
      const { coolMin, plannedMin } = moment;
      return { joint: { ...sticky, coolMin, plannedMin }, noWindow: undefined };
    }
    noWindow = moment;
    if (asked === 'tacky') {
      const readyMin = Math.max(label.earliestInRoomMin ?? 0, stickyFromMin ?? 0);
      const plannedMin = readyMin > 0 ? readyMin : undefined;
      const coolMin = plannedMin === undefined ? undefined : coolFromMin(plannedMin);
      return { joint: { ...sticky, coolMin, plannedMin }, noWindow };
    }
  }
  const label = labelOf('scuff');
  const shapeMin = under.shapeMin();
  // What never keeps its shape in this room is at least not poured on before it has gelled.
  const leastMin = shapeMin ?? stickyToMin ?? stickyFromMin;
  const readyMin =
    leastMin === undefined ? undefined : Math.max(label.earliestInRoomMin ?? 0, leastMin);
  const coolMin = readyMin === undefined ? undefined : coolFromMin(readyMin);
  return {
    joint: {
      school: 'scuff',
      ...label,
      readyMin: shapeMin,
      closesMin: undefined,
      coolMin,
      plannedMin: coolMin ?? readyMin,
    },
    noWindow,
  };
}
