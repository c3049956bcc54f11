import type { LayerStyle } from './layersSchema';

interface Cut {
  readonly style?: LayerStyle | undefined;
  readonly heights?: unknown;
  readonly maxDepth?: unknown;
  readonly lockIn?: unknown;
}

/**
 * How a pour is cut once another resin is chosen for it: by what that one takes. What was typed for the resin before, its
 * heights, its depth and its first thin layer, does not hold for this one.
 * @param layers as the job says them, typed or checked
 */
export function cutForResin<Layers extends Cut>(
  layers: Layers | undefined,
): Omit<Layers, keyof Cut> & { readonly style: LayerStyle } {
  const { style, heights: _, maxDepth: __, lockIn: ___, ...kept } = layers ?? ({} as Layers);
  return { ...kept, style: style === undefined || style === 'one-pour' ? 'equal' : style };
}

/** Whether something that was typed for the resin before is left out by that. */
export const isCutByHand = (layers: Cut | undefined): boolean =>
  layers !== undefined &&
  (layers.style === 'one-pour' ||
    [layers.heights, layers.maxDepth, layers.lockIn].some(
      (typed) => typed !== undefined && typed !== '',
    ));
