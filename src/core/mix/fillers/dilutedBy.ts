import type { Curing } from '../../thermal/curing';
import { dilutedCuring } from '../../thermal/dilute';
import { fillerKindOf } from './fillerKinds';
import type { MixedFiller } from './readFillers';

/** Solids in a mix as the model takes them. */
export const dilutedBy = (
  curing: Curing,
  fillers: readonly Pick<MixedFiller, 'kind' | 'share' | 'grainGPerMl'>[],
): Curing =>
  dilutedCuring(
    curing,
    fillers.map(({ kind, share, grainGPerMl }) => {
      const { heatCapacityJPerKgK, conductivityWPerMK } = fillerKindOf(kind);
      return { share, densityKgPerM3: grainGPerMl * 1000, heatCapacityJPerKgK, conductivityWPerMK };
    }),
  );
