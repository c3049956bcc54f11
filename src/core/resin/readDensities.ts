import { readQuantity } from '../quantity/readQuantity';
import { densityRule } from '../quantity/rules';
import type { Resin } from './resinSchema';
import { familyOf, type PartDensities } from './families';

/** Where a density comes from: the card, the other density and both ratios, or what is usual in the family. */
export type DensitySource = 'card' | 'ratios' | 'mixed' | 'family';

export interface ReadDensities extends PartDensities {
  readonly from: { readonly a: DensitySource; readonly b: DensitySource };
}

/** B/A as both ratios of a label imply it; outside this no two parts of a resin lie. */
export const possibleDensityRatio = { least: 0.7, greatest: 1.4 } as const;

export const isPossible = (ratio: number): boolean =>
  ratio >= possibleDensityRatio.least && ratio <= possibleDensityRatio.greatest;

interface Parts {
  readonly a: number;
  readonly b: number;
}

/** The ratio by weight or by volume that a card gives in either of its two places. */
export function statedRatio(card: Resin, by: 'weight' | 'volume'): Parts | undefined {
  if (card.ratio?.by === by) return card.ratio;
  return by === 'weight' ? card.ratioByWeight : card.ratioByVolume;
}

/**
 * Density of B over that of A that two ratios imply: (mB/mA) ÷ (vB/vA); undefined where only one is given.
 */
export function impliedDensityRatio(card: Resin): number | undefined {
  const byWeight = statedRatio(card, 'weight');
  const byVolume = statedRatio(card, 'volume');
  if (byWeight === undefined || byVolume === undefined) return undefined;
  return byWeight.b / byWeight.a / (byVolume.b / byVolume.a);
}

/** Volume of A over all, by whichever ratio rules, for what densities are taken as. */
function shareOfA(card: Resin, { aGPerMl, bGPerMl }: PartDensities): number {
  const byVolume = statedRatio(card, 'volume');
  if (byVolume !== undefined) return byVolume.a / (byVolume.a + byVolume.b);
  const byWeight = statedRatio(card, 'weight');
  if (byWeight === undefined) return 1;
  const aMl = byWeight.a / aGPerMl;
  return aMl / (aMl + byWeight.b / bGPerMl);
}

/**
 * Densities of both parts: the card's, and where it is silent what follows from it, then what is usual.
 * @param card one hardener's, see `withHardener`
 */
export function readDensities(card: Resin): ReadDensities {
  const usual = familyOf(card.family).densities;
  const read = (typed: string | undefined): number | undefined =>
    typed === undefined ? undefined : readQuantity(typed, densityRule).value;
  const a = read(card.densityA);
  const b = read(card.densityB);
  if (a !== undefined && b !== undefined) {
    return { aGPerMl: a, bGPerMl: b, from: { a: 'card', b: 'card' } };
  }
  const implied = impliedDensityRatio(card);
  if (implied !== undefined && isPossible(implied)) {
    if (a !== undefined) {
      return { aGPerMl: a, bGPerMl: a * implied, from: { a: 'card', b: 'ratios' } };
    }
    if (b !== undefined) {
      return { aGPerMl: b / implied, bGPerMl: b, from: { a: 'ratios', b: 'card' } };
    }
  }
  const ratio = implied !== undefined && isPossible(implied) ? implied : undefined;
  const guess: ReadDensities = {
    aGPerMl: a ?? usual.aGPerMl,
    bGPerMl: b ?? (ratio === undefined ? usual.bGPerMl : usual.aGPerMl * ratio),
    from: {
      a: a === undefined ? 'family' : 'card',
      b: b === undefined ? (ratio === undefined ? 'family' : 'ratios') : 'card',
    },
  };
  const mixed = read(card.densityMixed);
  if (mixed === undefined || a !== undefined || b !== undefined) return guess;
  // Both parts are lighter or heavier than usual by as much as the mix is.
  const share = shareOfA(card, guess);
  const factor = mixed / (share * guess.aGPerMl + (1 - share) * guess.bGPerMl);
  return {
    aGPerMl: guess.aGPerMl * factor,
    bGPerMl: guess.bGPerMl * factor,
    from: { a: 'mixed', b: 'mixed' },
  };
}
