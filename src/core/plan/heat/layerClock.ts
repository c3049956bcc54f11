import { decideJoint, type LayerJoint, type NoWindow, type UnderJoint } from '../../layers/jointOf';
import type { Joint } from '../../layers/layersSchema';
import { heatKindOf } from '../../resin/families';
import type { ReadResin } from '../../resin/readResin';
import { warmEndC, type HeatBand } from '../../thermal/bands';
import { thicknessM, type HeatLayer } from '../../thermal/pourSetting';
import type { LayerBody } from './bodiesOf';
import {
  curesUpTo,
  followedUnder,
  layerAt,
  peakUpToC,
  type CurePlace,
  type FollowedLayer,
} from './layerCures';
import type { FlowTime } from '../../flow/flowTime';
import { firstCool, longestMin, onWaitGrid } from './coolSearch';
import { usualGapMin } from './usualGap';

/**
 * What becomes of a layer as it is planned, by the card's own constants. Hours from its own pour; undefined for what does not happen
 * in thirty days.
 */
export interface LayerCure {
  /** With what lies under it and comes on top. */
  readonly peakC: number;
  readonly band: HeatBand;
  readonly gelH: number | undefined;
  /** With nothing on top of it. */
  readonly stickyH: { readonly from: number | undefined; readonly to: number | undefined };
  readonly tackFreeH: number | undefined;
  readonly demouldH: number | undefined;
  readonly keepsShapeH: number | undefined;
  readonly hardH: number | undefined;
  readonly softensNearC: number;
  /** Of the middle of its surface until it has gelled. */
  readonly coldestSurfaceC: number;
  /** How it flows half-way down until it gels there, with nothing on top of it. */
  readonly flow: FlowTime | undefined;
}

/** A joint that label, model and heat leave no window for. */
export interface JointConflict {
  /** The upper of the two layers, counted from 0. */
  readonly layer: number;
  readonly why: NoWindow;
  /** The person wants it in the sticky window all the same. */
  readonly pinned: boolean;
  readonly joint: LayerJoint;
  /** When the layer under it is sticky by the model, min. */
  readonly stickyMin: { readonly from: number | undefined; readonly to: number | undefined };
  /** So many equal layers would go while they are sticky; undefined where a few more do not help. */
  readonly layersInstead: number | undefined;
}

/** When each layer is poured, and what becomes of it. */
export interface LayerClock {
  /** Undefined for the first layer. */
  readonly joints: readonly (LayerJoint | undefined)[];
  /** Undefined for layers that no model follows. */
  readonly cures: readonly (LayerCure | undefined)[];
  readonly conflicts: readonly JointConflict[];
  /** Those that were followed one by one, at their moments, from the lowest. */
  readonly followed: readonly HeatLayer[];
}

/** A pair may be this much hotter than one of them by itself, where that is over the limit already, K. */
const pairK = 2;
/** So many more layers are tried. */
const mostMore = 2;
/** So many layers are followed one by one; those above wait and cure as the last of them, unless they are deeper than any. */
const mostFollowed = 10;

/** A layer whatever its moment. */
const bodyOf = ({ pouredS: _, resinC: __, ...body }: HeatLayer): LayerBody => body;

/**
 * From when on a layer may follow so that it and those under it stay cool.
 * @param layers under it, at their moments
 */
function coolFrom(
  place: CurePlace,
  layers: readonly HeatLayer[],
  body: LayerBody,
): UnderJoint['coolFromMin'] {
  // They cure hot and are made to: no wait is asked for the sake of heat.
  if (heatKindOf(place.family) === 'polyurethane') return (fromMin) => fromMin;
  const lastS = layers.at(-1)!.pouredS;
  const peakAfterC = (min: number): number =>
    peakUpToC(place, [...layers, layerAt(place, body, lastS + min * 60)]);
  const aloneC = (layer: LayerBody): number => peakUpToC(place, [layerAt(place, layer, 0)]);
  return (fromMin, toMin = longestMin) => {
    const easyC = warmEndC(place.family);
    const isEasy = (min: number): boolean => peakAfterC(min) <= easyC;
    if (isEasy(fromMin)) return fromMin;
    const limitC = Math.max(easyC, pairK + Math.max(aloneC(bodyOf(layers.at(-1)!)), aloneC(body)));
    const isCool = (min: number): boolean => peakAfterC(min) <= limitC;
    if (isCool(fromMin)) return fromMin;
    return firstCool(fromMin, toMin, isCool);
  };
}

const minutes = (hours: number | undefined): number | undefined =>
  hours === undefined ? undefined : hours * 60;

/** What the model knows of the uppermost layer for the one that comes on it. */
function underJoint(place: CurePlace, layers: readonly HeatLayer[], body: LayerBody): UnderJoint {
  const { recoatH } = curesUpTo(place, layers, 'middle').at(-1)!;
  const stickyToMin = minutes(recoatH.to);
  const fromMin = onWaitGrid(minutes(recoatH.from));
  return {
    stickyFromMin: fromMin && Math.min(fromMin, stickyToMin ?? Infinity),
    stickyToMin,
    shapeMin: () => onWaitGrid(minutes(curesUpTo(place, layers, 'everywhere').at(-1)!.keepsShapeH)),
    coolFromMin: coolFrom(place, layers, body),
  };
}

/** How many equal layers would go while they are sticky, where a few more than planned do. */
function layersInstead(
  place: CurePlace,
  bodies: readonly LayerBody[],
  resin: ReadResin,
  roomC: number,
): number | undefined {
  const wholeM = bodies.reduce((sum, each) => sum + thicknessM(each), 0);
  for (let more = 1; more <= mostMore; more += 1) {
    const count = bodies.length + more;
    const body = { depthM: wholeM / count };
    const under = underJoint(place, [layerAt(place, body, 0)], body);
    if (decideJoint('tacky', resin, roomC, under).noWindow === undefined) return count;
  }
  return undefined;
}

function cureOf(alone: FollowedLayer, whole: FollowedLayer): LayerCure {
  const { peakC, band, demouldH, keepsShapeH, hardH, softensNearC } = whole;
  const { gelH, recoatH, tackFreeH, coldestSurfaceC, flow } = alone;
  return {
    peakC,
    band,
    gelH,
    stickyH: recoatH,
    tackFreeH,
    demouldH,
    keepsShapeH,
    hardH,
    softensNearC,
    coldestSurfaceC,
    flow,
  };
}

/**
 * When each layer of a pour is poured, and what becomes of it: each follows when the one under it is ready by the label and by the
 * model, and both together stay cool.
 * @param place undefined where no model follows the pour
 * @param bodies of the layers in the part that counts; layers of other parts beyond them have none
 * @param count of all layers
 * @param asked how the person wants them joined
 */
export function layerClock(
  place: CurePlace | undefined,
  bodies: readonly LayerBody[],
  count: number,
  asked: Joint | undefined,
  resin: ReadResin,
  roomC: number,
): LayerClock {
  const layers: HeatLayer[] = [];
  const joints: (LayerJoint | undefined)[] = [];
  const alone: FollowedLayer[] = [];
  const conflicts: JointConflict[] = [];
  /** Which followed layer each is like. */
  const like: number[] = [];
  let atMin = 0;
  for (let layer = 0; layer < count; layer += 1) {
    const body = bodies[layer];
    const isAlike =
      alone.length >= mostFollowed &&
      body !== undefined &&
      body.insert === undefined &&
      body.depthM <= Math.max(...layers.map((each) => each.depthM));
    if (isAlike) {
      const joint = joints.at(-1);
      joints.push(joint);
      like.push(alone.length - 1);
      continue;
    }
    if (layer > 0) {
      const under =
        place === undefined || body === undefined ? undefined : underJoint(place, layers, body);
      // What the first of them leave no time for, alike ones above leave none for either.
      const school = asked ?? (conflicts.length > 0 ? 'scuff' : undefined);
      const { joint, noWindow } = decideJoint(school, resin, roomC, under);
      joints.push(joint);
      atMin += joint.plannedMin ?? usualGapMin[joint.school];
      if (noWindow !== undefined && place !== undefined) {
        const instead =
          conflicts.length === 0 ? layersInstead(place, bodies, resin, roomC) : undefined;
        conflicts.push({
          layer,
          why: noWindow,
          pinned: asked === 'tacky',
          joint,
          stickyMin: { from: under?.stickyFromMin, to: under?.stickyToMin },
          layersInstead: instead,
        });
      }
    } else joints.push(undefined);
    if (place === undefined || body === undefined) continue;
    layers.push(layerAt(place, body, atMin * 60));
    alone.push(curesUpTo(place, layers, 'middle').at(-1)!);
    like.push(alone.length - 1);
  }
  const cures = alone.map((each, layer): LayerCure => {
    // With what comes on top of it, as far as that is followed together with it.
    const above = place === undefined ? undefined : wholeOf(place, layers, layer);
    return cureOf(each, above ?? each);
  });
  return { joints, cures: like.map((at) => cures[at]), conflicts, followed: layers };
}

/** A layer with as many on top of it as are followed together with it. */
function wholeOf(
  place: CurePlace,
  layers: readonly HeatLayer[],
  layer: number,
): FollowedLayer | undefined {
  const upTo = Math.min(layers.length, layer + 1 + followedUnder);
  return curesUpTo(place, layers.slice(0, upTo), 'everywhere')[layer];
}
