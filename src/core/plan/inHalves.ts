import type { ResolvedPour } from '../job/resolveJob';
import { InputError } from '../problem';
import type { PlannedLayer } from './planTypes';
import type { PouredForm } from './pouredForm';

/**
 * A mould of two halves as its two layers: the second goes onto the first once that may be opened.
 * @throws InputError `halves-are-layers` where the person says other layers
 */
export function inHalves(pour: ResolvedPour, { box }: PouredForm): ResolvedPour {
  if (box?.parting === undefined) return pour;
  const { said } = pour;
  const { style = 'one-pour', heights = [], ...layers } = said.layers ?? {};
  if (heights.length > 0) {
    throw new InputError('halves-are-layers', heights, {}, 'layers.heights');
  }
  if (style !== 'one-pour') throw new InputError('halves-are-layers', style, {}, 'layers.style');
  const partsAtMm = box.baseMm + box.parting.heightMm;
  return {
    ...pour,
    said: { ...said, layers: { ...layers, joint: 'scuff', heights: [`${partsAtMm} mm`] } },
  };
}

/** The same with the time at which rubber may be opened in place of that at which it has cured through. */
export const opensAsCured = (pour: ResolvedPour): ResolvedPour => {
  const { resin } = pour;
  const { demould, fullCure } = resin.times;
  return { ...pour, resin: { ...resin, times: { ...resin.times, fullCure: demould ?? fullCure } } };
};

/** Layers that are halves: what joins them is turning over and release, not scuffing. */
export const asHalves = (layers: readonly PlannedLayer[]): readonly PlannedLayer[] =>
  layers.map((layer) =>
    layer.joint === undefined ? layer : { ...layer, joint: { ...layer.joint, ofHalves: true } },
  );
