import type { ResinFamily } from './families';

export interface PartDensities {
  readonly aGPerMl: number;
  readonly bGPerMl: number;
}

/**
 * What the parts of a family usually weigh, g/ml: general practice, for cards whose label and sheet do not say.
 * Always shown as assumed.
 */
export const usualDensities: Readonly<Record<ResinFamily, PartDensities>> = {
  'deep-pour-epoxy': { aGPerMl: 1.1, bGPerMl: 0.97 },
  'casting-epoxy': { aGPerMl: 1.13, bGPerMl: 0.98 },
  'coating-epoxy': { aGPerMl: 1.13, bGPerMl: 1 },
  'fast-epoxy': { aGPerMl: 1.15, bGPerMl: 1 },
  'slow-polyurethane': { aGPerMl: 1.03, bGPerMl: 1.1 },
  'fast-polyurethane': { aGPerMl: 1.03, bGPerMl: 1.1 },
  polyester: { aGPerMl: 1.12, bGPerMl: 1.15 },
  uv: { aGPerMl: 1.12, bGPerMl: 1.12 },
  'silicone-tin': { aGPerMl: 1.15, bGPerMl: 1 },
  'silicone-platinum': { aGPerMl: 1.1, bGPerMl: 1.08 },
};
