import type { LayerJoint } from '../../layers/jointOf';
import { usualGapMin } from './usualGap';

/** When a layer is poured, min after the first. */
export interface LayerMoment {
  readonly atMin: number;
  /** Neither card nor model gives its wait: a usual one stands for it. */
  readonly assumed: boolean;
}

/**
 * When each layer of a pour is poured.
 * @param joints of all layers; the first has none
 */
export function momentsOf(joints: readonly (LayerJoint | undefined)[]): readonly LayerMoment[] {
  let atMin = 0;
  return joints.map((joint, layer) => {
    const planned = joint?.plannedMin;
    if (layer > 0) atMin += planned ?? usualGapMin[joint?.school ?? 'tacky'];
    return { atMin, assumed: layer > 0 && planned === undefined };
  });
}
