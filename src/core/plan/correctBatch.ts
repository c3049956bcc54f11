import { hairMl } from '../quantity/tolerance';
import { correctionOf, type Correction, type Poured } from '../mix/correction';
import { InputError } from '../problem';
import type { PourPlan } from './planTypes';

/** A correction with where its surplus can go. */
export interface BatchCorrection extends Correction {
  /** Whether what is mixed then still goes into its layer, the overage of the plan left aside. */
  readonly fitsLayer: boolean;
  /** What will be left when the layer is full: it goes into the small moulds, or is cured before the bin. */
  readonly leftMl: number;
}

/**
 * What to do when the scale does not say what a batch was to be.
 * @param batch the group that it is of; the first without it
 * @param poured what the scale says, g of each part
 * @throws InputError `no-such-batch`, `nothing-to-correct` for a resin in one bottle
 */
export function correctBatch(
  pour: PourPlan,
  batch: string | undefined,
  poured: Poured,
): BatchCorrection {
  const planned = pour.batches.find(({ id }) => batch === undefined || id === batch);
  if (planned === undefined) {
    throw new InputError('no-such-batch', batch, { choices: pour.batches.map(({ id }) => id) });
  }
  const { ratio } = pour.resin;
  if (ratio === undefined) throw new InputError('nothing-to-correct', undefined);
  const aG = planned.tintedAG ?? planned.a.g;
  const { stepG } = planned.onScale;
  const found = correctionOf(
    {
      aG,
      bG: planned.b.g,
      massAPerB: aG / planned.b.g,
      mixedDensityGPerMl: pour.resin.mixedDensityGPerMl,
      limitMl: planned.container && planned.container.capacityMl * planned.container.fill,
      stepG,
    },
    poured,
  );
  // The overage that was in the plan takes up some of what is over; only what is past it does not go in.
  return {
    ...found,
    fitsLayer: found.surplusMl <= planned.leftMl + hairMl,
    leftMl: planned.leftMl + found.surplusMl,
  };
}
