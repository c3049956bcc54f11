import { readQuantity } from '../quantity/readQuantity';
import { densityRule, lengthRule } from '../quantity/rules';
import { mixRatio, type MixRatio } from './ratio';
import type { Resin } from './resinSchema';

/** A resin card read into figures. */
export interface ReadResin {
  readonly densityAGPerMl: number;
  readonly densityBGPerMl: number;
  readonly ratio: MixRatio;
  readonly greatestDepthMm: number | undefined;
}

/**
 * Reads the typed figures of a card.
 * @param resin as checked by `resinSchema`
 */
export function readResin(resin: Resin): ReadResin {
  const densityAGPerMl = readQuantity(resin.densityA, densityRule).value;
  const densityBGPerMl = readQuantity(resin.densityB, densityRule).value;
  return {
    densityAGPerMl,
    densityBGPerMl,
    ratio: mixRatio(resin.ratio, densityAGPerMl, densityBGPerMl),
    greatestDepthMm:
      resin.greatestDepth === undefined
        ? undefined
        : readQuantity(resin.greatestDepth, lengthRule).value,
  };
}
