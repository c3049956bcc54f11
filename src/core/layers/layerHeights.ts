import type { JobPour } from '../job/jobPour';
import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { lengthRule } from '../quantity/rules';
import type { ReadResin } from '../resin/readResin';
import { layerDepthsMm, type DepthLimits } from './layerDepths';
import type { LayerStyle } from './layersSchema';

/** What the resin takes in this room, and what that was reckoned from. */
export interface DepthTaken extends DepthLimits {
  /** `typed` is the person's own figure, `label` the card's, `room` what heat allows where it is poured, `lamp` how far its light gets. */
  readonly from: 'typed' | 'label' | 'room' | 'lamp' | 'nothing';
  readonly labelMm: number | undefined;
  /** Undefined where heat has no say or the label's depth stands. */
  readonly roomMm: number | undefined;
  readonly caution: number;
}

/**
 * The depth that one layer may have: the label's figure, what heat allows or the person's own, times their caution.
 * @param resin the card, read
 * @param roomMm what heat allows, where that stands in place of the label's figure
 * @param lampMm how far the light of a lamp gets, where one sets it
 */
export function depthTaken(
  layers: JobPour['layers'],
  resin: Pick<ReadResin, 'greatestDepthMm' | 'leastDepthMm'>,
  roomMm: number | undefined,
  lampMm?: number | undefined,
): DepthTaken {
  const caution = layers?.caution ?? 1;
  const typedMm =
    layers?.maxDepth === undefined ? undefined : readQuantity(layers.maxDepth, lengthRule).value;
  const otherMm = roomMm ?? resin.greatestDepthMm;
  const byLamp = typedMm === undefined && lampMm !== undefined && lampMm < (otherMm ?? Infinity);
  const fullMm = typedMm ?? (byLamp ? lampMm : otherMm);
  const from =
    typedMm !== undefined
      ? 'typed'
      : byLamp
        ? 'lamp'
        : roomMm !== undefined
          ? 'room'
          : fullMm === undefined
            ? 'nothing'
            : 'label';
  return {
    takesMm: fullMm === undefined ? undefined : fullMm * caution,
    leastMm: resin.leastDepthMm,
    from,
    labelMm: resin.greatestDepthMm,
    roomMm: typedMm === undefined ? roomMm : undefined,
    caution,
  };
}

/** The style that rules: heights that a person chose are none. */
export const styleOf = (layers: JobPour['layers']): LayerStyle | 'heights' =>
  layers?.style ?? ((layers?.heights ?? []).length > 0 ? 'heights' : 'one-pour');

/**
 * Heights over where the pour begins at which it is cut, rising; empty for one layer.
 * @param depthMm of the deepest cavity; without a form there is one pour
 * @param fromMm where the pour begins over the floor of the form; heights are told over that floor
 * @param stock how much deeper the first and the last layer are poured than the finished piece
 * @throws InputError those of `layerDepthsMm`, `planing-over-layer`
 */
export function layerHeightsMm(
  layers: JobPour['layers'],
  depthMm: number | undefined,
  taken: DepthTaken,
  stock: { readonly topMm: number; readonly bottomMm: number },
  fromMm = 0,
): readonly number[] {
  const style = styleOf(layers);
  if (style === 'heights') {
    return (layers?.heights ?? []).map((height) => readQuantity(height, lengthRule).value - fromMm);
  }
  if (depthMm === undefined) return [];
  const lockInMm =
    layers?.lockIn === undefined ? undefined : readQuantity(layers.lockIn, lengthRule).value;
  const { topMm, bottomMm } = stock;
  const depths = layerDepthsMm(style, bottomMm + depthMm + topMm, taken, lockInMm);
  let topOfLayerMm = -bottomMm;
  return depths.slice(0, -1).map((each) => {
    topOfLayerMm += each;
    if (topOfLayerMm <= 0 || topOfLayerMm >= depthMm) {
      throw new InputError(
        'planing-over-layer',
        undefined,
        { layerMm: each, topMm, bottomMm },
        'allowances.planing',
      );
    }
    return topOfLayerMm;
  });
}
