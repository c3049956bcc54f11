import type { ResolvedPour } from '../job/resolveJob';
import { depthTaken, layerHeightsMm, styleOf } from '../layers/layerHeights';
import { splitAtHeights, type LayerVolume } from '../layers/splitAtHeights';
import { spreadOver, type Allowance, type SpreadAllowance } from '../measure/allowances/allowances';
import { readFillers } from '../mix/fillers/readFillers';
import type { BelowPour } from './heat/belowPour';
import type { KeptCalibrations } from './heat/calibrationOf';
import { heatDepthOf, type HeatDepth } from './heat/heatDepth';
import { lampDepthMm } from './lampSection';
import type { MeasuredPour } from './measurePour';
import type { PourPlan } from './planTypes';
import type { PouredForm } from './pouredForm';

/** What a pour is cut with besides its cards and what it goes into. */
export interface CutContext {
  readonly kept: KeptCalibrations | undefined;
  /** What earlier pours left under it in a part of this depth, mm over the floor of the form. */
  readonly below: (partDepthMm: number) => readonly BelowPour[];
}

/** How a pour is cut. */
export interface CutPour {
  readonly heat: HeatDepth;
  readonly taken: PourPlan['cut'];
  /** Heights over where the pour begins. */
  readonly layers: readonly LayerVolume[];
  /** What is poured into each, allowances included, residue in cups not. */
  readonly pouredMl: readonly number[];
  /** What of that is overage. */
  readonly overageMl: readonly number[];
}

/**
 * Cuts a pour into layers.
 * @throws InputError those of `heatDepthOf`, `layerHeightsMm`, `splitAtHeights`
 */
export function cutIntoLayers(
  { said, card, resin }: ResolvedPour,
  { whole, parts, fromMm }: PouredForm,
  { spread, stock }: MeasuredPour,
  { kept, below }: CutContext,
): CutPour {
  const onMl = spread.reduce((sum, { on, ml }) => sum + (on ? ml : 0), 0);
  const heat = heatDepthOf(said, {
    parts,
    measured: whole.parts,
    family: card.family,
    resin,
    kept,
    below,
    fromMm,
    fillers: readFillers(said.fillers ?? [], whole.cavityMl + onMl, 'fillers'),
  });
  const taken = depthTaken(said.layers, resin, heat.mm, lampDepthMm({ said, card }));
  const heightsMm = layerHeightsMm(said.layers, whole.depthMm, taken, stock, fromMm);
  const layers = splitAtHeights(whole, heightsMm, fromMm);
  const shares = sharesByLayer(layers, spread);
  return {
    heat,
    taken: { ...taken, style: styleOf(said.layers) },
    layers,
    pouredMl: layers.map(({ cavityMl }, layer) =>
      shares.reduce((sum, { ml }) => sum + (ml[layer] ?? 0), cavityMl),
    ),
    overageMl: shares.find(({ code }) => code === 'overage')?.ml ?? [],
  };
}

/** What of each allowance falls on each layer, ml; those that are off fall on none. */
function sharesByLayer(
  layers: readonly LayerVolume[],
  allowances: readonly SpreadAllowance[],
): readonly { readonly code: Allowance['code']; readonly ml: readonly number[] }[] {
  const shapes = layers.map(({ cavityMl, fromMm, toMm }) => ({
    cavityMl,
    heightMm: (toMm ?? 0) - (fromMm ?? 0),
  }));
  return allowances
    .filter(({ on }) => on)
    .map((each) => ({ code: each.code, ml: spreadOver(each, shapes) }));
}
